<?php

use DuskSwitch\App\Http\Controllers\BackupController;
use DuskSwitch\App\Http\Controllers\BenchController;
use DuskSwitch\App\Http\Controllers\BenchRecordController;
use DuskSwitch\App\Http\Controllers\BindingController;
use DuskSwitch\App\Http\Controllers\ChecklistController;
use DuskSwitch\App\Http\Controllers\ExchangeController;
use DuskSwitch\App\Http\Controllers\HangarController;
use DuskSwitch\App\Http\Controllers\HistoryController;
use DuskSwitch\App\Http\Controllers\KitController;
use DuskSwitch\App\Http\Controllers\LiveController;
use DuskSwitch\App\Http\Controllers\PilotController;
use DuskSwitch\App\Http\Controllers\PracticeController;
use DuskSwitch\App\Http\Controllers\ProgramController;
use DuskSwitch\App\Http\Controllers\ProofController;
use DuskSwitch\App\Http\Controllers\ProposalController;
use DuskSwitch\App\Http\Controllers\RehearsalController;
use DuskSwitch\App\Http\Controllers\RepairController;
use DuskSwitch\App\Http\Controllers\SenseController;
use DuskSwitch\App\Http\Controllers\SheetController;
use DuskSwitch\App\Http\Controllers\SlowController;
use DuskSwitch\App\Http\Controllers\StoresController;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Support\Facades\Route;

// What can be counted: a larger number is no address.
Route::patterns(array_fill_keys(['aircraft', 'from', 'to', 'number'], '[0-9]{1,9}'));

Route::prefix('api')->middleware(SubstituteBindings::class)->group(function (): void {
    Route::post('live', [LiveController::class, 'frame']);
    Route::post('shape', [LiveController::class, 'shape']);
    Route::get('recipes', [StoresController::class, 'recipes']);
    Route::post('propose/recipe', [ProposalController::class, 'recipe']);
    Route::post('propose/transmitter', [ProposalController::class, 'transmitter']);
    Route::post('propose/rung', [ProposalController::class, 'rung']);
    Route::post('propose/trims', [ProposalController::class, 'trims']);
    Route::post('propose/phase', [ProposalController::class, 'phase']);
    Route::post('propose/style', [ProposalController::class, 'style']);
    Route::post('propose/curve', [ProposalController::class, 'curve']);
    Route::post('kit', [KitController::class, 'look']);
    Route::post('prove', [ProofController::class, 'prove']);
    Route::post('propose/mend', [ProofController::class, 'mend']);
    Route::post('propose/slots', [ProofController::class, 'slots']);
    Route::post('propose/failsafe', [ProofController::class, 'failsafe']);
    Route::post('propose/ends', [BenchController::class, 'ends']);
    Route::post('propose/surfaces', [BenchController::class, 'turned']);
    Route::post('propose/jitter', [BenchController::class, 'jitter']);
    Route::post('propose/order', [BenchController::class, 'order']);
    Route::post('binding', [BindingController::class, 'practise']);
    Route::post('link-loss', [BindingController::class, 'lose']);
    Route::post('arming', [BenchController::class, 'arming']);
    Route::post('reading', [PracticeController::class, 'reading']);
    Route::post('practice', [PracticeController::class, 'answers']);
    Route::post('surfaces', [BenchController::class, 'surfaces']);
    Route::post('motors', [BenchController::class, 'motors']);
    Route::post('board', [BenchController::class, 'board']);
    Route::post('sense', [SenseController::class, 'look']);
    Route::post('discovery', [SenseController::class, 'discover']);
    Route::post('propose/sensor-slots', [SenseController::class, 'slots']);
    Route::post('threshold', [SenseController::class, 'threshold']);
    Route::post('propose/level', [SenseController::class, 'level']);
    Route::post('propose/hold', [SenseController::class, 'hold']);
    Route::post('propose/alarm', [SenseController::class, 'alarm']);
    Route::post('rehearsal', [RehearsalController::class, 'fly']);
    Route::post('rehearsal/nmea', [RehearsalController::class, 'nmea']);
    Route::post('nmea', [RehearsalController::class, 'readNmea']);
    Route::post('clip', [RehearsalController::class, 'clip']);
    Route::post('voice-pack', [RehearsalController::class, 'voicePack']);
    Route::post('backup', [BackupController::class, 'backUp']);
    Route::post('restore', [BackupController::class, 'upload']);
    Route::post('restore/{job}', [BackupController::class, 'restore']);
    Route::get('jobs/{job}', [BackupController::class, 'look']);
    Route::get('jobs/{job}/backup.zip', [BackupController::class, 'download']);
    Route::get('pilot', [PilotController::class, 'show']);
    Route::put('pilot', [PilotController::class, 'change']);
    Route::get('stores', [StoresController::class, 'index']);
    Route::post('stores/{kind}', [StoresController::class, 'keep']);
    Route::delete('stores/{kind}/{id}', [StoresController::class, 'remove']);
    Route::get('stores/{kind}/{id}/revisions', [StoresController::class, 'revisions']);
    Route::post('stores/{kind}/{id}/restore', [StoresController::class, 'restore']);
    Route::get('aircraft', [HangarController::class, 'index']);
    Route::post('aircraft', [HangarController::class, 'store']);
    Route::post('import', [ExchangeController::class, 'import']);
    Route::post('import/decided', [ExchangeController::class, 'decided']);
    Route::post('aircraft/{aircraft}/restore', [HangarController::class, 'restore'])->withoutMiddleware(SubstituteBindings::class);
    Route::prefix('aircraft/{aircraft}')->group(function (): void {
        Route::get('', [ProgramController::class, 'show']);
        Route::patch('', [HangarController::class, 'rename']);
        Route::delete('', [HangarController::class, 'destroy']);
        Route::post('duplicate', [HangarController::class, 'duplicate']);
        Route::get('history', [HistoryController::class, 'index']);
        Route::get('compare/{from}/{to}', [HistoryController::class, 'compare']);
        Route::get('bindings', [BindingController::class, 'index']);
        Route::post('bindings', [BindingController::class, 'store']);
        Route::get('bench', [BenchRecordController::class, 'index']);
        Route::post('bench', [BenchRecordController::class, 'store']);
        Route::get('checklists', [ChecklistController::class, 'index']);
        Route::post('checklists', [ChecklistController::class, 'store']);
        Route::get('sheet', [SheetController::class, 'show']);
        Route::post('sheet', [SheetController::class, 'tick']);
        Route::get('sheet.csv', [SheetController::class, 'csv']);
        Route::get('sheet.html', [SheetController::class, 'page']);
        Route::get('export', [ExchangeController::class, 'export']);
        Route::get('export/whole', [ExchangeController::class, 'whole']);
        Route::post('repair', [RepairController::class, 'repair']);
        Route::put('program', [ProgramController::class, 'save']);
        Route::post('assign', [ProgramController::class, 'assign']);
        Route::post('undo', [ProgramController::class, 'undo']);
        Route::post('redo', [ProgramController::class, 'redo']);
        Route::post('revisions/{number}/take', [ProgramController::class, 'take']);
    });
    // The lower bound of the bench: a request that does nothing.
    Route::get('empty', fn () => response()->json((object) []));
    // For the tests of the server's limits.
    if (config('app.slow')) {
        Route::get('slow', SlowController::class);
    }
    Route::any('{rest?}', fn () => abort(404))->where('rest', '.*');
});

Route::view('{rest?}', 'app')->where('rest', '.*');
