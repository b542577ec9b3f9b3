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
            '_route' => 'generated::NkM5jdiDGGlekaqg',
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
            '_route' => 'generated::GyCGaqORM5sIxwQj',
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
            '_route' => 'generated::11pcEGHW2lLnMh74',
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
            '_route' => 'generated::Y5AZQdMLzZH5YeIt',
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
            '_route' => 'generated::z7SE9eUJcYRO4TuV',
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
            '_route' => 'generated::MKdodFNEt5rqHscL',
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
            '_route' => 'generated::yVkF9y7tLdS5aJbZ',
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
            '_route' => 'generated::JJQlMG96BMgc6rBE',
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
            '_route' => 'generated::3n8YuidR2HZ3lgcz',
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
            '_route' => 'generated::pxq27KGxvi8LCcNZ',
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
            '_route' => 'generated::GkVHO0GVP2smzV7q',
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
            '_route' => 'generated::641LazuzJUzdD83m',
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
            '_route' => 'generated::oOqpPH0lc4Frn376',
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
            '_route' => 'generated::Vda4VOqgkly6SugI',
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
            '_route' => 'generated::iwo3GHqgbHI5OgJ5',
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
            '_route' => 'generated::AUIL2g2KcRykXOpB',
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
            '_route' => 'generated::BOn1hVyYAF392NHs',
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
            '_route' => 'generated::pGStgKXSzEVj6KRi',
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
            '_route' => 'generated::texkuz8qJq8bNcok',
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
            '_route' => 'generated::WimTmjaBWMYIBXcH',
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
    'generated::NkM5jdiDGGlekaqg' => 
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
        'as' => 'generated::NkM5jdiDGGlekaqg',
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
    'generated::GyCGaqORM5sIxwQj' => 
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
        'as' => 'generated::GyCGaqORM5sIxwQj',
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
    'generated::11pcEGHW2lLnMh74' => 
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
        'as' => 'generated::11pcEGHW2lLnMh74',
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
    'generated::Y5AZQdMLzZH5YeIt' => 
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
        'as' => 'generated::Y5AZQdMLzZH5YeIt',
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
    'generated::MKdodFNEt5rqHscL' => 
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
        'as' => 'generated::MKdodFNEt5rqHscL',
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
    'generated::yVkF9y7tLdS5aJbZ' => 
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
        'as' => 'generated::yVkF9y7tLdS5aJbZ',
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
    'generated::JJQlMG96BMgc6rBE' => 
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
        'as' => 'generated::JJQlMG96BMgc6rBE',
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
    'generated::3n8YuidR2HZ3lgcz' => 
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
        'as' => 'generated::3n8YuidR2HZ3lgcz',
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
    'generated::pxq27KGxvi8LCcNZ' => 
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
        'as' => 'generated::pxq27KGxvi8LCcNZ',
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
    'generated::GkVHO0GVP2smzV7q' => 
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
        'as' => 'generated::GkVHO0GVP2smzV7q',
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
    'generated::641LazuzJUzdD83m' => 
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
        'as' => 'generated::641LazuzJUzdD83m',
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
    'generated::oOqpPH0lc4Frn376' => 
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
        'as' => 'generated::oOqpPH0lc4Frn376',
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
    'generated::Vda4VOqgkly6SugI' => 
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
        'as' => 'generated::Vda4VOqgkly6SugI',
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
    'generated::iwo3GHqgbHI5OgJ5' => 
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
        'as' => 'generated::iwo3GHqgbHI5OgJ5',
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
    'generated::AUIL2g2KcRykXOpB' => 
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
        'as' => 'generated::AUIL2g2KcRykXOpB',
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
    'generated::BOn1hVyYAF392NHs' => 
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
        'as' => 'generated::BOn1hVyYAF392NHs',
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
    'generated::pGStgKXSzEVj6KRi' => 
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
        'as' => 'generated::pGStgKXSzEVj6KRi',
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
    'generated::z7SE9eUJcYRO4TuV' => 
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
        'as' => 'generated::z7SE9eUJcYRO4TuV',
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
    'generated::texkuz8qJq8bNcok' => 
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
        'as' => 'generated::texkuz8qJq8bNcok',
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
    'generated::WimTmjaBWMYIBXcH' => 
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
        'as' => 'generated::WimTmjaBWMYIBXcH',
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
