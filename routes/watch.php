<?php

declare(strict_types=1);

use App\Http\Controllers\WatchController;
use Illuminate\Support\Facades\Route;

// What asks whether this server lives and goes well: no session and no page. See docs/running.md.
Route::get('health', [WatchController::class, 'alive'])->name('health');
Route::get('ready', [WatchController::class, 'ready'])->name('ready');
Route::get('metrics', [WatchController::class, 'metrics'])->name('metrics');
