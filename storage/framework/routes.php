<?php

app('router')->setCompiledRoutes(
    array (
  'compiled' => 
  array (
    0 => false,
    1 => 
    array (
      '/api/stores' => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'generated::HPzvpWv8EDpqhcil',
          ),
          1 => NULL,
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      '/api/aircraft' => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'generated::BSS7EjTxCbQqiWlH',
          ),
          1 => NULL,
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
        1 => 
        array (
          0 => 
          array (
            '_route' => 'generated::PrPv6b4I4CG8PHLW',
          ),
          1 => NULL,
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      '/api/import' => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'generated::zZvUCFvBKssAAmu9',
          ),
          1 => NULL,
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      '/api/empty' => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'generated::MusCBkqaR0aqN1tw',
          ),
          1 => NULL,
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
    ),
    2 => 
    array (
      0 => '{^(?|/api(?|/aircraft/(?|([0-9]+)/restore(*:43)|([0-9]+)(?|(*:61))|([0-9]+)/duplicate(*:87)|([0-9]+)/export(*:109)|([0-9]+)/program(*:133)|([0-9]+)/assign(*:156)|([0-9]+)/undo(*:177)|([0-9]+)/redo(*:198)|([0-9]+)/revisions/([0-9]+)/take(*:238)|([0-9]+)/live(*:259)|([0-9]+)/shape(*:281))|(?:/(.*))?(*:300))|/(.*)?(*:315))/?$}sDu',
    ),
    3 => 
    array (
      43 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'generated::FxvLoMCe8YwEBuCa',
          ),
          1 => 
          array (
            0 => 'aircraft',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      61 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'generated::eIwzicyiXIefTg2X',
          ),
          1 => 
          array (
            0 => 'aircraft',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => true,
          6 => NULL,
        ),
        1 => 
        array (
          0 => 
          array (
            '_route' => 'generated::c23cPIf1YgwcUeQe',
          ),
          1 => 
          array (
            0 => 'aircraft',
          ),
          2 => 
          array (
            'PATCH' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => true,
          6 => NULL,
        ),
        2 => 
        array (
          0 => 
          array (
            '_route' => 'generated::IU5xb2BP1rCNdbNP',
          ),
          1 => 
          array (
            0 => 'aircraft',
          ),
          2 => 
          array (
            'DELETE' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => true,
          6 => NULL,
        ),
      ),
      87 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'generated::8xofnlzGX1FthZ9i',
          ),
          1 => 
          array (
            0 => 'aircraft',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      109 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'generated::xFj7NyIPfG0MYvqF',
          ),
          1 => 
          array (
            0 => 'aircraft',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      133 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'generated::ptwBUuOXBpkpchlq',
          ),
          1 => 
          array (
            0 => 'aircraft',
          ),
          2 => 
          array (
            'PUT' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      156 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'generated::X7UrJFZ8cnTaJjK6',
          ),
          1 => 
          array (
            0 => 'aircraft',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      177 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'generated::7PeUcWFLc4EJXwaB',
          ),
          1 => 
          array (
            0 => 'aircraft',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      198 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'generated::L68RtUIh0av88kBg',
          ),
          1 => 
          array (
            0 => 'aircraft',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      238 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'generated::qmzC9EcENkdal0Gv',
          ),
          1 => 
          array (
            0 => 'aircraft',
            1 => 'number',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      259 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'generated::XDnJarZKxpHvKsau',
          ),
          1 => 
          array (
            0 => 'aircraft',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      281 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'generated::RlHLtynIIZJmTQ7C',
          ),
          1 => 
          array (
            0 => 'aircraft',
          ),
          2 => 
          array (
            'POST' => 0,
          ),
          3 => NULL,
          4 => false,
          5 => false,
          6 => NULL,
        ),
      ),
      300 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'generated::YCUcTP4N7QYjsGf8',
            'rest' => NULL,
          ),
          1 => 
          array (
            0 => 'rest',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
            'POST' => 2,
            'PUT' => 3,
            'PATCH' => 4,
            'DELETE' => 5,
            'OPTIONS' => 6,
          ),
          3 => NULL,
          4 => false,
          5 => true,
          6 => NULL,
        ),
      ),
      315 => 
      array (
        0 => 
        array (
          0 => 
          array (
            '_route' => 'generated::UnB8E6lmDEgjnYf3',
            'rest' => NULL,
          ),
          1 => 
          array (
            0 => 'rest',
          ),
          2 => 
          array (
            'GET' => 0,
            'HEAD' => 1,
          ),
          3 => NULL,
          4 => false,
          5 => true,
          6 => NULL,
        ),
        1 => 
        array (
          0 => NULL,
          1 => NULL,
          2 => NULL,
          3 => NULL,
          4 => false,
          5 => false,
          6 => 0,
        ),
      ),
    ),
    4 => NULL,
  ),
  'attributes' => 
  array (
    'generated::HPzvpWv8EDpqhcil' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'api/stores',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'Illuminate\\Routing\\Middleware\\SubstituteBindings',
        ),
        'uses' => 'DuskSwitch\\App\\Http\\Controllers\\StoresController@index',
        'controller' => 'DuskSwitch\\App\\Http\\Controllers\\StoresController@index',
        'namespace' => NULL,
        'prefix' => 'api',
        'where' => 
        array (
        ),
        'as' => 'generated::HPzvpWv8EDpqhcil',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'generated::BSS7EjTxCbQqiWlH' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'api/aircraft',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'Illuminate\\Routing\\Middleware\\SubstituteBindings',
        ),
        'uses' => 'DuskSwitch\\App\\Http\\Controllers\\HangarController@index',
        'controller' => 'DuskSwitch\\App\\Http\\Controllers\\HangarController@index',
        'namespace' => NULL,
        'prefix' => 'api',
        'where' => 
        array (
        ),
        'as' => 'generated::BSS7EjTxCbQqiWlH',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'generated::PrPv6b4I4CG8PHLW' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'api/aircraft',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'Illuminate\\Routing\\Middleware\\SubstituteBindings',
        ),
        'uses' => 'DuskSwitch\\App\\Http\\Controllers\\HangarController@store',
        'controller' => 'DuskSwitch\\App\\Http\\Controllers\\HangarController@store',
        'namespace' => NULL,
        'prefix' => 'api',
        'where' => 
        array (
        ),
        'as' => 'generated::PrPv6b4I4CG8PHLW',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'generated::zZvUCFvBKssAAmu9' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'api/import',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'Illuminate\\Routing\\Middleware\\SubstituteBindings',
        ),
        'uses' => 'DuskSwitch\\App\\Http\\Controllers\\ExchangeController@import',
        'controller' => 'DuskSwitch\\App\\Http\\Controllers\\ExchangeController@import',
        'namespace' => NULL,
        'prefix' => 'api',
        'where' => 
        array (
        ),
        'as' => 'generated::zZvUCFvBKssAAmu9',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'generated::FxvLoMCe8YwEBuCa' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'api/aircraft/{aircraft}/restore',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'Illuminate\\Routing\\Middleware\\SubstituteBindings',
        ),
        'uses' => 'DuskSwitch\\App\\Http\\Controllers\\HangarController@restore',
        'controller' => 'DuskSwitch\\App\\Http\\Controllers\\HangarController@restore',
        'namespace' => NULL,
        'prefix' => 'api',
        'where' => 
        array (
        ),
        'excluded_middleware' => 
        array (
          0 => 'Illuminate\\Routing\\Middleware\\SubstituteBindings',
        ),
        'as' => 'generated::FxvLoMCe8YwEBuCa',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'aircraft' => '[0-9]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'generated::eIwzicyiXIefTg2X' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'api/aircraft/{aircraft}',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'Illuminate\\Routing\\Middleware\\SubstituteBindings',
        ),
        'uses' => 'DuskSwitch\\App\\Http\\Controllers\\ProgramController@show',
        'controller' => 'DuskSwitch\\App\\Http\\Controllers\\ProgramController@show',
        'namespace' => NULL,
        'prefix' => 'api/aircraft/{aircraft}',
        'where' => 
        array (
          'aircraft' => '[0-9]+',
        ),
        'as' => 'generated::eIwzicyiXIefTg2X',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'aircraft' => '[0-9]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'generated::c23cPIf1YgwcUeQe' => 
    array (
      'methods' => 
      array (
        0 => 'PATCH',
      ),
      'uri' => 'api/aircraft/{aircraft}',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'Illuminate\\Routing\\Middleware\\SubstituteBindings',
        ),
        'uses' => 'DuskSwitch\\App\\Http\\Controllers\\HangarController@rename',
        'controller' => 'DuskSwitch\\App\\Http\\Controllers\\HangarController@rename',
        'namespace' => NULL,
        'prefix' => 'api/aircraft/{aircraft}',
        'where' => 
        array (
          'aircraft' => '[0-9]+',
        ),
        'as' => 'generated::c23cPIf1YgwcUeQe',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'aircraft' => '[0-9]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'generated::IU5xb2BP1rCNdbNP' => 
    array (
      'methods' => 
      array (
        0 => 'DELETE',
      ),
      'uri' => 'api/aircraft/{aircraft}',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'Illuminate\\Routing\\Middleware\\SubstituteBindings',
        ),
        'uses' => 'DuskSwitch\\App\\Http\\Controllers\\HangarController@destroy',
        'controller' => 'DuskSwitch\\App\\Http\\Controllers\\HangarController@destroy',
        'namespace' => NULL,
        'prefix' => 'api/aircraft/{aircraft}',
        'where' => 
        array (
          'aircraft' => '[0-9]+',
        ),
        'as' => 'generated::IU5xb2BP1rCNdbNP',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'aircraft' => '[0-9]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'generated::8xofnlzGX1FthZ9i' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'api/aircraft/{aircraft}/duplicate',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'Illuminate\\Routing\\Middleware\\SubstituteBindings',
        ),
        'uses' => 'DuskSwitch\\App\\Http\\Controllers\\HangarController@duplicate',
        'controller' => 'DuskSwitch\\App\\Http\\Controllers\\HangarController@duplicate',
        'namespace' => NULL,
        'prefix' => 'api/aircraft/{aircraft}',
        'where' => 
        array (
          'aircraft' => '[0-9]+',
        ),
        'as' => 'generated::8xofnlzGX1FthZ9i',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'aircraft' => '[0-9]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'generated::xFj7NyIPfG0MYvqF' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'api/aircraft/{aircraft}/export',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'Illuminate\\Routing\\Middleware\\SubstituteBindings',
        ),
        'uses' => 'DuskSwitch\\App\\Http\\Controllers\\ExchangeController@export',
        'controller' => 'DuskSwitch\\App\\Http\\Controllers\\ExchangeController@export',
        'namespace' => NULL,
        'prefix' => 'api/aircraft/{aircraft}',
        'where' => 
        array (
          'aircraft' => '[0-9]+',
        ),
        'as' => 'generated::xFj7NyIPfG0MYvqF',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'aircraft' => '[0-9]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'generated::ptwBUuOXBpkpchlq' => 
    array (
      'methods' => 
      array (
        0 => 'PUT',
      ),
      'uri' => 'api/aircraft/{aircraft}/program',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'Illuminate\\Routing\\Middleware\\SubstituteBindings',
        ),
        'uses' => 'DuskSwitch\\App\\Http\\Controllers\\ProgramController@save',
        'controller' => 'DuskSwitch\\App\\Http\\Controllers\\ProgramController@save',
        'namespace' => NULL,
        'prefix' => 'api/aircraft/{aircraft}',
        'where' => 
        array (
          'aircraft' => '[0-9]+',
        ),
        'as' => 'generated::ptwBUuOXBpkpchlq',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'aircraft' => '[0-9]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'generated::X7UrJFZ8cnTaJjK6' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'api/aircraft/{aircraft}/assign',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'Illuminate\\Routing\\Middleware\\SubstituteBindings',
        ),
        'uses' => 'DuskSwitch\\App\\Http\\Controllers\\ProgramController@assign',
        'controller' => 'DuskSwitch\\App\\Http\\Controllers\\ProgramController@assign',
        'namespace' => NULL,
        'prefix' => 'api/aircraft/{aircraft}',
        'where' => 
        array (
          'aircraft' => '[0-9]+',
        ),
        'as' => 'generated::X7UrJFZ8cnTaJjK6',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'aircraft' => '[0-9]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'generated::7PeUcWFLc4EJXwaB' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'api/aircraft/{aircraft}/undo',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'Illuminate\\Routing\\Middleware\\SubstituteBindings',
        ),
        'uses' => 'DuskSwitch\\App\\Http\\Controllers\\ProgramController@undo',
        'controller' => 'DuskSwitch\\App\\Http\\Controllers\\ProgramController@undo',
        'namespace' => NULL,
        'prefix' => 'api/aircraft/{aircraft}',
        'where' => 
        array (
          'aircraft' => '[0-9]+',
        ),
        'as' => 'generated::7PeUcWFLc4EJXwaB',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'aircraft' => '[0-9]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'generated::L68RtUIh0av88kBg' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'api/aircraft/{aircraft}/redo',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'Illuminate\\Routing\\Middleware\\SubstituteBindings',
        ),
        'uses' => 'DuskSwitch\\App\\Http\\Controllers\\ProgramController@redo',
        'controller' => 'DuskSwitch\\App\\Http\\Controllers\\ProgramController@redo',
        'namespace' => NULL,
        'prefix' => 'api/aircraft/{aircraft}',
        'where' => 
        array (
          'aircraft' => '[0-9]+',
        ),
        'as' => 'generated::L68RtUIh0av88kBg',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'aircraft' => '[0-9]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'generated::qmzC9EcENkdal0Gv' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'api/aircraft/{aircraft}/revisions/{number}/take',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'Illuminate\\Routing\\Middleware\\SubstituteBindings',
        ),
        'uses' => 'DuskSwitch\\App\\Http\\Controllers\\ProgramController@take',
        'controller' => 'DuskSwitch\\App\\Http\\Controllers\\ProgramController@take',
        'namespace' => NULL,
        'prefix' => 'api/aircraft/{aircraft}',
        'where' => 
        array (
          'aircraft' => '[0-9]+',
        ),
        'as' => 'generated::qmzC9EcENkdal0Gv',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'aircraft' => '[0-9]+',
        'number' => '[0-9]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'generated::XDnJarZKxpHvKsau' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'api/aircraft/{aircraft}/live',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'Illuminate\\Routing\\Middleware\\SubstituteBindings',
        ),
        'uses' => 'DuskSwitch\\App\\Http\\Controllers\\LiveController@frame',
        'controller' => 'DuskSwitch\\App\\Http\\Controllers\\LiveController@frame',
        'namespace' => NULL,
        'prefix' => 'api/aircraft/{aircraft}',
        'where' => 
        array (
          'aircraft' => '[0-9]+',
        ),
        'as' => 'generated::XDnJarZKxpHvKsau',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'aircraft' => '[0-9]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'generated::RlHLtynIIZJmTQ7C' => 
    array (
      'methods' => 
      array (
        0 => 'POST',
      ),
      'uri' => 'api/aircraft/{aircraft}/shape',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'Illuminate\\Routing\\Middleware\\SubstituteBindings',
        ),
        'uses' => 'DuskSwitch\\App\\Http\\Controllers\\LiveController@shape',
        'controller' => 'DuskSwitch\\App\\Http\\Controllers\\LiveController@shape',
        'namespace' => NULL,
        'prefix' => 'api/aircraft/{aircraft}',
        'where' => 
        array (
          'aircraft' => '[0-9]+',
        ),
        'as' => 'generated::RlHLtynIIZJmTQ7C',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'aircraft' => '[0-9]+',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'generated::MusCBkqaR0aqN1tw' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => 'api/empty',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'Illuminate\\Routing\\Middleware\\SubstituteBindings',
        ),
        'uses' => 'O:55:"Laravel\\SerializableClosure\\UnsignedSerializableClosure":1:{s:12:"serializable";O:46:"Laravel\\SerializableClosure\\Serializers\\Native":5:{s:3:"use";a:0:{}s:8:"function";s:39:"fn () => \\response()->json((object) [])";s:5:"scope";s:47:"Illuminate\\Foundation\\Console\\RouteCacheCommand";s:4:"this";N;s:4:"self";s:32:"00000000000002f20000000000000000";}}',
        'namespace' => NULL,
        'prefix' => 'api',
        'where' => 
        array (
        ),
        'as' => 'generated::MusCBkqaR0aqN1tw',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'generated::YCUcTP4N7QYjsGf8' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
        2 => 'POST',
        3 => 'PUT',
        4 => 'PATCH',
        5 => 'DELETE',
        6 => 'OPTIONS',
      ),
      'uri' => 'api/{rest?}',
      'action' => 
      array (
        'middleware' => 
        array (
          0 => 'Illuminate\\Routing\\Middleware\\SubstituteBindings',
        ),
        'uses' => 'O:55:"Laravel\\SerializableClosure\\UnsignedSerializableClosure":1:{s:12:"serializable";O:46:"Laravel\\SerializableClosure\\Serializers\\Native":5:{s:3:"use";a:0:{}s:8:"function";s:20:"fn () => \\abort(404)";s:5:"scope";s:47:"Illuminate\\Foundation\\Console\\RouteCacheCommand";s:4:"this";N;s:4:"self";s:32:"00000000000002fd0000000000000000";}}',
        'namespace' => NULL,
        'prefix' => 'api',
        'where' => 
        array (
        ),
        'as' => 'generated::YCUcTP4N7QYjsGf8',
      ),
      'fallback' => false,
      'defaults' => 
      array (
      ),
      'wheres' => 
      array (
        'rest' => '.*',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
    'generated::UnB8E6lmDEgjnYf3' => 
    array (
      'methods' => 
      array (
        0 => 'GET',
        1 => 'HEAD',
      ),
      'uri' => '{rest?}',
      'action' => 
      array (
        'uses' => '\\Illuminate\\Routing\\ViewController@__invoke',
        'controller' => '\\Illuminate\\Routing\\ViewController',
        'as' => 'generated::UnB8E6lmDEgjnYf3',
      ),
      'fallback' => false,
      'defaults' => 
      array (
        'view' => 'app',
        'data' => 
        array (
        ),
        'status' => 200,
        'headers' => 
        array (
        ),
      ),
      'wheres' => 
      array (
        'rest' => '.*',
      ),
      'bindingFields' => 
      array (
      ),
      'lockSeconds' => NULL,
      'waitSeconds' => NULL,
      'withTrashed' => false,
    ),
  ),
)
);
