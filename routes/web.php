<?php

use DuskSwitch\App\Http\Controllers\ExchangeController;
use DuskSwitch\App\Http\Controllers\HangarController;
use DuskSwitch\App\Http\Controllers\HistoryController;
use DuskSwitch\App\Http\Controllers\LiveController;
use DuskSwitch\App\Http\Controllers\ProgramController;
use DuskSwitch\App\Http\Controllers\StoresController;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Support\Facades\Route;

Route::prefix('api')->middleware(SubstituteBindings::class)->group(function (): void {
    Route::post('live', [LiveController::class, 'frame']);
    Route::post('shape', [LiveController::class, 'shape']);
    Route::get('stores', [StoresController::class, 'index']);
    Route::get('aircraft', [HangarController::class, 'index']);
    Route::post('aircraft', [HangarController::class, 'store']);
    Route::post('import', [ExchangeController::class, 'import']);
    Route::post('aircraft/{aircraft}/restore', [HangarController::class, 'restore'])->whereNumber('aircraft')->withoutMiddleware(SubstituteBindings::class);
    Route::prefix('aircraft/{aircraft}')->whereNumber('aircraft')->group(function (): void {
        Route::get('', [ProgramController::class, 'show']);
        Route::patch('', [HangarController::class, 'rename']);
        Route::delete('', [HangarController::class, 'destroy']);
        Route::post('duplicate', [HangarController::class, 'duplicate']);
        Route::get('history', [HistoryController::class, 'index']);
        Route::get('export', [ExchangeController::class, 'export']);
        Route::put('program', [ProgramController::class, 'save']);
        Route::post('assign', [ProgramController::class, 'assign']);
        Route::post('undo', [ProgramController::class, 'undo']);
        Route::post('redo', [ProgramController::class, 'redo']);
        Route::post('revisions/{number}/take', [ProgramController::class, 'take'])->whereNumber('number');
    });
    // The lower bound of the bench: a request that does nothing.
    Route::get('empty', fn () => response()->json((object) []));
    Route::any('{rest?}', fn () => abort(404))->where('rest', '.*');
});

Route::view('{rest?}', 'app')->where('rest', '.*');
