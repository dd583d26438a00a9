<?php

use App\Http\Controllers\PlanColoursController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PlanEditController;
use App\Http\Controllers\PlanFileController;
use App\Http\Controllers\PlanHistoryController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\TechniqueController;
use Illuminate\Support\Facades\Route;

Route::redirect('/', '/plans');
Route::view('/keys', 'keys')->name('keys');
Route::get('/guide', TechniqueController::class)->name('techniques');

Route::controller(PlanController::class)->name('plans.')->group(function () {
    Route::get('/plans', 'index')->name('index');
    Route::post('/plans', 'store')->name('store');
    Route::get('/plans/{plan}', 'show')->name('show');
    Route::post('/plans/{plan}/copy', 'copy')->name('copy');
    Route::delete('/plans/{plan}', 'destroy')->name('destroy');
    Route::post('/plans/{plan}/restore', 'restore')->name('restore')->withTrashed();
});

Route::post('/plans/{plan}/edits', PlanEditController::class)->name('plans.edit');
Route::get('/plans/{plan}/colours', PlanColoursController::class)->name('plans.colours');

Route::controller(PlanHistoryController::class)->name('plans.')->group(function () {
    Route::post('/plans/{plan}/undo', 'undo')->name('undo');
    Route::post('/plans/{plan}/redo', 'redo')->name('redo');
});

Route::controller(PlanFileController::class)->name('files.')->group(function () {
    Route::post('/plan-files', 'open')->name('open');
    Route::get('/plans/{plan}/file', 'save')->name('save');
});

Route::controller(ShelfController::class)->name('forms.')->group(function () {
    Route::get('/forms', 'index')->name('index');
    Route::post('/forms', 'store')->name('store');
    Route::post('/forms/{form}/edits', 'update')->name('edit');
    Route::post('/forms/{form}/undo', 'undo')->name('undo');
    Route::post('/forms/{form}/plans', 'begin')->name('begin');
    Route::delete('/forms/{form}', 'destroy')->name('destroy');
    Route::post('/forms/{form}/restore', 'restore')->name('restore')->withTrashed();
    Route::post('/plans/{plan}/form', 'keep')->name('keep');
});
