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
            '_route' => 'generated::uPYzVW69VZzbyREv',
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
            '_route' => 'generated::x0RVmKdTDvgiarG8',
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
            '_route' => 'generated::JFaskhVG9qmLtfqE',
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
            '_route' => 'generated::SG55RNKTfLV04XCd',
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
            '_route' => 'generated::OLxd5ldYV25YG0GS',
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
            '_route' => 'generated::dDHX6LmesSev9NIK',
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
            '_route' => 'generated::AeJQMmBI0LoFZ8Kx',
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
            '_route' => 'generated::LPPcDid8qgc6Qg40',
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
            '_route' => 'generated::pJofMjWNQesNkiS9',
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
            '_route' => 'generated::YILQVCk9Vwx0PrYH',
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
            '_route' => 'generated::5b6X35CiEVC3MkB0',
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
            '_route' => 'generated::q612pjdCjzqasOuE',
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
            '_route' => 'generated::GRJCwg3xvTHxNdFn',
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
            '_route' => 'generated::ocDoyk6tvmqRwFHY',
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
            '_route' => 'generated::lVVqCloNFKtIE1UB',
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
            '_route' => 'generated::GNuEapKNDBieyflG',
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
            '_route' => 'generated::NqOVwbBTs5USZiM3',
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
            '_route' => 'generated::3a0z7BbSIEmHEkGL',
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
            '_route' => 'generated::wdjutarlQaC3XSGS',
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
            '_route' => 'generated::j8s8G91Qbd6VkNmH',
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
    'generated::uPYzVW69VZzbyREv' => 
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
        'as' => 'generated::uPYzVW69VZzbyREv',
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
    'generated::x0RVmKdTDvgiarG8' => 
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
        'as' => 'generated::x0RVmKdTDvgiarG8',
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
    'generated::JFaskhVG9qmLtfqE' => 
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
        'as' => 'generated::JFaskhVG9qmLtfqE',
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
    'generated::SG55RNKTfLV04XCd' => 
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
        'as' => 'generated::SG55RNKTfLV04XCd',
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
    'generated::dDHX6LmesSev9NIK' => 
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
        'as' => 'generated::dDHX6LmesSev9NIK',
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
    'generated::AeJQMmBI0LoFZ8Kx' => 
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
        'as' => 'generated::AeJQMmBI0LoFZ8Kx',
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
    'generated::LPPcDid8qgc6Qg40' => 
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
        'as' => 'generated::LPPcDid8qgc6Qg40',
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
    'generated::pJofMjWNQesNkiS9' => 
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
        'as' => 'generated::pJofMjWNQesNkiS9',
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
    'generated::YILQVCk9Vwx0PrYH' => 
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
        'as' => 'generated::YILQVCk9Vwx0PrYH',
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
    'generated::5b6X35CiEVC3MkB0' => 
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
        'as' => 'generated::5b6X35CiEVC3MkB0',
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
    'generated::q612pjdCjzqasOuE' => 
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
        'as' => 'generated::q612pjdCjzqasOuE',
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
    'generated::GRJCwg3xvTHxNdFn' => 
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
        'as' => 'generated::GRJCwg3xvTHxNdFn',
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
    'generated::ocDoyk6tvmqRwFHY' => 
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
        'as' => 'generated::ocDoyk6tvmqRwFHY',
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
    'generated::lVVqCloNFKtIE1UB' => 
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
        'as' => 'generated::lVVqCloNFKtIE1UB',
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
    'generated::GNuEapKNDBieyflG' => 
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
        'as' => 'generated::GNuEapKNDBieyflG',
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
    'generated::NqOVwbBTs5USZiM3' => 
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
        'as' => 'generated::NqOVwbBTs5USZiM3',
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
    'generated::3a0z7BbSIEmHEkGL' => 
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
        'as' => 'generated::3a0z7BbSIEmHEkGL',
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
    'generated::OLxd5ldYV25YG0GS' => 
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
        'as' => 'generated::OLxd5ldYV25YG0GS',
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
    'generated::wdjutarlQaC3XSGS' => 
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
        'as' => 'generated::wdjutarlQaC3XSGS',
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
    'generated::j8s8G91Qbd6VkNmH' => 
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
        'as' => 'generated::j8s8G91Qbd6VkNmH',
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
