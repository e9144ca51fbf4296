<?php

declare(strict_types=1);

use App\Http\Controllers\SensorController;
use Illuminate\Support\Facades\Route;

// What instruments call: no session and no page, a key for each. See docs/instruments.md.
Route::post('air', [SensorController::class, 'store'])->middleware('throttle:sensor')->name('sensor');
