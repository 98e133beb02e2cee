<?php

declare(strict_types=1);

use App\Http\Numbers\NumberingController;
use Illuminate\Support\Facades\Route;

// By what whoever reads a tree has everybody in it numbered.
Route::prefix('trees/{tree}')->middleware('tree:reader')->group(function (): void {
    Route::get('numbering', [NumberingController::class, 'show']);
    Route::put('numbering', [NumberingController::class, 'choose']);
});
