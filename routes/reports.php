<?php

declare(strict_types=1);

use App\Http\Books\BooksController;
use App\Http\Reports\ReportFilesController;
use App\Http\Reports\SavedReportsController;
use App\Http\Texts\CallableController;
use App\Http\Texts\TextsController;
use App\Http\Texts\WaitingNotesController;
use Illuminate\Support\Facades\Route;

// Texts, books and long reports: to be read, and to be written.
Route::prefix('trees/{tree}')->middleware('tree:reader')->group(function (): void {
    Route::get('people/{person}/callable', [CallableController::class, 'show']);
    Route::get('texts', [TextsController::class, 'index']);
    Route::get('texts/waiting', [WaitingNotesController::class, 'index']);
    Route::get('texts/{text}', [TextsController::class, 'show']);
    Route::get('saved-reports', [SavedReportsController::class, 'index']);
    Route::get('books', [BooksController::class, 'index']);
    Route::get('books/{book}', [BooksController::class, 'show']);
});
Route::prefix('trees/{tree}')->middleware('tree:editor')->group(function (): void {
    Route::get('report-files', [ReportFilesController::class, 'index']);
    Route::get('report-files/{run}/file', [ReportFilesController::class, 'file']);
    Route::post('reports/{kind}/{reported}/files', [ReportFilesController::class, 'store']);
    Route::post('texts', [TextsController::class, 'store']);
    Route::put('texts/{text}', [TextsController::class, 'update']);
    Route::delete('texts/{text}', [TextsController::class, 'destroy']);
    Route::post('saved-reports', [SavedReportsController::class, 'store']);
    Route::put('saved-reports/{savedReport}', [SavedReportsController::class, 'update']);
    Route::delete('saved-reports/{savedReport}', [SavedReportsController::class, 'destroy']);
    Route::post('books', [BooksController::class, 'store']);
    Route::put('books/{book}', [BooksController::class, 'update']);
    Route::delete('books/{book}', [BooksController::class, 'destroy']);
});
