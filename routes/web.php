<?php

use App\Http\Controllers\BowController;
use App\Http\Controllers\BuildController;
use App\Http\Controllers\BuildEndController;
use App\Http\Controllers\BuildWrongController;
use App\Http\Controllers\CompareController;
use App\Http\Controllers\CutBatchController;
use App\Http\Controllers\CutSheetController;
use App\Http\Controllers\GuideController;
use App\Http\Controllers\HouseController;
use App\Http\Controllers\InspirationController;
use App\Http\Controllers\LabelPrinterController;
use App\Http\Controllers\LearningController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\LogFileController;
use App\Http\Controllers\LogPhotoController;
use App\Http\Controllers\PlanColoursController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PlanEditController;
use App\Http\Controllers\PlanFileController;
use App\Http\Controllers\PlanHistoryController;
use App\Http\Controllers\PlanPictureController;
use App\Http\Controllers\PlanPriceController;
use App\Http\Controllers\PlanReadyController;
use App\Http\Controllers\PlanVaryController;
use App\Http\Controllers\PricesController;
use App\Http\Controllers\ScaleController;
use App\Http\Controllers\ScrapsController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\ShelfFileController;
use App\Http\Controllers\ShelfFormController;
use App\Http\Controllers\ShelfStockController;
use App\Http\Controllers\SuggestController;
use App\Http\Controllers\TogetherController;
use App\Http\Controllers\TryOneController;
use App\Http\Controllers\WholePieceController;
use Illuminate\Support\Facades\Route;

Route::redirect('/', '/plans');
Route::view('/keys', 'keys')->name('keys');
Route::controller(GuideController::class)->group(function () {
    Route::get('/guide', 'index')->name('techniques');
    Route::get('/guide/first-wreath', 'first')->name('guide.first');
    Route::get('/guide/words', 'glossary')->name('guide.glossary');
    Route::get('/guide/{page}.svg', 'picture')->name('guide.picture')->where('page', '[a-z0-9-]{1,40}');
    Route::get('/guide/{page}', 'show')->name('guide.page')->where('page', '[a-z0-9-]{1,40}');
});
Route::controller(TryOneController::class)->name('guide.')->group(function () {
    Route::get('/try', 'show')->name('try');
    Route::post('/try/first', 'first')->name('try-first');
});

Route::controller(PlanController::class)->name('plans.')->group(function () {
    Route::get('/plans', 'index')->name('index');
    Route::post('/plans', 'store')->name('store');
    Route::get('/plans/{plan}', 'show')->name('show');
    Route::get('/plans/{plan}/card', 'card')->name('card');
    Route::post('/plans/{plan}/copy', 'copy')->name('copy');
    Route::delete('/plans/{plan}', 'destroy')->name('destroy');
    Route::post('/plans/{plan}/restore', 'restore')->name('restore')->withTrashed();
});

Route::post('/plans/{plan}/edits', PlanEditController::class)->name('plans.edit');
Route::controller(WholePieceController::class)->name('plans.')->group(function () {
    Route::get('/plans/{plan}/check', 'check')->name('check');
    Route::get('/plans/{plan}/order', 'order')->name('order');
    Route::get('/plans/{plan}/door', 'door')->name('door');
    Route::post('/plans/{plan}/parts/{part}/outline', 'outline')->name('outline')->where('part', '[a-z0-9-]{1,24}');
    Route::get('/plans/{plan}/door.svg', 'picture')->name('door-picture');
});
Route::controller(InspirationController::class)->name('plans.')->group(function () {
    Route::get('/plans/{plan}/inspiration', 'show')->name('inspiration');
    Route::post('/plans/{plan}/inspiration', 'store')->name('inspire');
    Route::delete('/plans/{plan}/inspiration', 'destroy')->name('uninspire');
    Route::get('/plans/{plan}/photograph', 'picture')->name('photograph');
});
Route::get('/plans/{plan}/vary', PlanVaryController::class)->name('plans.vary');
Route::controller(PlanPriceController::class)->name('plans.')->group(function () {
    Route::get('/plans/{plan}/price', 'show')->name('price');
    Route::post('/plans/{plan}/price', 'keep')->name('keep-price');
    Route::get('/plans/{plan}/price.pdf', 'pdf')->name('price-pdf');
    Route::get('/plans/{plan}/price.csv', 'csv')->name('price-csv');
});
Route::get('/plans/{plan}/colours', PlanColoursController::class)->name('plans.colours');

Route::get('/plans/{plan}/pictures/{step}.svg', PlanPictureController::class)->name('plans.picture')->whereNumber('step')->scopeBindings();

Route::controller(PlanHistoryController::class)->name('plans.')->group(function () {
    Route::get('/plans/{plan}/history', 'show')->name('history');
    Route::post('/plans/{plan}/history/{step}', 'bringBack')->name('bring-back')->whereNumber('step')->scopeBindings();
    Route::post('/plans/{plan}/undo', 'undo')->name('undo');
    Route::post('/plans/{plan}/redo', 'redo')->name('redo');
});

Route::get('/compare', CompareController::class)->name('compare');
Route::controller(SuggestController::class)->name('suggest.')->group(function () {
    Route::get('/suggest', 'index')->name('index');
    Route::post('/suggest', 'begin')->name('begin');
    Route::get('/suggest/{search}', 'show')->name('show')->whereNumber('search');
    Route::post('/suggest/{search}/step', 'step')->name('step')->whereNumber('search');
    Route::post('/suggest/{search}/stop', 'stop')->name('stop')->whereNumber('search');
    Route::post('/suggest/{search}/plans', 'open')->name('open')->whereNumber('search');
});
Route::get('/together', TogetherController::class)->name('together');
Route::controller(CutBatchController::class)->name('batches.')->group(function () {
    Route::post('/together', 'begin')->name('begin');
    Route::get('/together/{batch}', 'show')->name('show')->whereNumber('batch');
    Route::get('/together/{batch}.pdf', 'pdf')->name('pdf')->whereNumber('batch');
    Route::post('/together/{batch}/ticks', 'tick')->name('tick');
    Route::post('/together/{batch}/labels', 'labels')->name('labels');
    Route::post('/together/{batch}', 'work')->name('work');
    Route::delete('/together/{batch}/cuts', 'undo')->name('undo');
    Route::delete('/together/{batch}', 'destroy')->name('destroy');
    Route::post('/together/{batch}/restore', 'restore')->name('restore')->withTrashed();
});
Route::get('/scraps', [ScrapsController::class, 'show'])->name('scraps.show');
Route::post('/scraps', [ScrapsController::class, 'begin'])->name('scraps.begin');

Route::controller(CutSheetController::class)->name('cuts.')->group(function () {
    Route::get('/plans/{plan}/cut-sheet', 'show')->name('show');
    Route::get('/plans/{plan}/cut-sheet.pdf', 'pdf')->name('pdf');
    Route::post('/plans/{plan}/cut-sheet/ticks', 'tick')->name('tick');
    Route::post('/plans/{plan}/cut-sheet/labels', 'labels')->name('labels');
    Route::post('/plans/{plan}/cut-sheet', 'work')->name('work');
    Route::delete('/plans/{plan}/cut-sheet/cuts', 'undo')->name('undo');
});

Route::controller(BuildController::class)->name('builds.')->group(function () {
    Route::get('/builds', 'index')->name('index');
    Route::get('/plans/{plan}/build', 'begin')->name('begin');
    Route::post('/plans/{plan}/build', 'store')->name('store');
    Route::get('/builds/{build}', 'show')->name('show')->whereNumber('build');
    Route::get('/builds/{build}/ticks', 'ticks')->name('ticks');
    Route::post('/builds/{build}/ticks', 'tick')->name('tick');
    Route::post('/builds/{build}/order', 'order')->name('order');
    Route::post('/builds/{build}/replan', 'replan')->name('replan');
    Route::delete('/builds/{build}', 'destroy')->name('destroy');
    Route::post('/builds/{build}/restore', 'restore')->name('restore')->withTrashed();
});

Route::controller(BuildWrongController::class)->name('builds.')->group(function () {
    Route::get('/builds/{build}/wrong', 'show')->name('wrong');
    Route::post('/builds/{build}/wrong', 'take')->name('way');
});
Route::controller(BuildEndController::class)->name('builds.')->group(function () {
    Route::get('/builds/{build}/check', 'check')->name('check');
    Route::post('/builds/{build}/check', 'answer')->name('answer');
    Route::post('/builds/{build}/finish', 'finish')->name('finish');
    Route::post('/builds/{build}/reopen', 'reopen')->name('reopen');
    Route::get('/builds/{build}/record', 'record')->name('record');
});

Route::controller(LogController::class)->name('log.')->group(function () {
    Route::get('/log', 'index')->name('index');
    Route::post('/log', 'store')->name('store');
    Route::post('/builds/{build}/log', 'fromBuild')->name('from-build');
    Route::get('/log/{entry}', 'show')->name('show')->whereNumber('entry');
    Route::post('/log/{entry}/edits', 'update')->name('edit');
    Route::post('/log/{entry}/weight', 'weigh')->name('weigh');
    Route::get('/log/{entry}.svg', 'picture')->name('picture')->whereNumber('entry');
    Route::post('/log/{entry}/plan', 'remake')->name('remake');
    Route::delete('/log/{entry}', 'destroy')->name('destroy')->whereNumber('entry');
    Route::post('/log/{entry}/restore', 'restore')->name('restore')->withTrashed();
});
Route::controller(LogFileController::class)->name('log.')->group(function () {
    Route::get('/log.json', 'json')->name('json');
    Route::get('/log.csv', 'csv')->name('csv');
    Route::post('/log-files', 'open')->name('open');
});
Route::controller(LogPhotoController::class)->name('log.')->scopeBindings()->group(function () {
    Route::post('/log/{entry}/photos', 'store')->name('photograph');
    Route::get('/log/{entry}/photos/{photo}.jpg', 'show')->name('photo')->whereNumber('photo');
    Route::post('/log/{entry}/photos/{photo}', 'update')->name('alt');
    Route::delete('/log/{entry}/photos/{photo}', 'destroy')->name('unphotograph');
});
Route::controller(LearningController::class)->group(function () {
    Route::get('/learning', 'index')->name('learning');
    Route::post('/learning', 'hold')->name('learning.hold');
    Route::delete('/learning', 'letGo')->name('learning.let-go');
    Route::get('/learning/estimates', 'accuracy')->name('learning.estimates');
    Route::get('/learning.json', 'save')->name('learning.save');
});

Route::controller(PlanReadyController::class)->name('plans.')->group(function () {
    Route::post('/plans/{plan}/ready', 'ready')->name('ready');
    Route::delete('/plans/{plan}/ready', 'giveBack')->name('give-back');
});

Route::controller(PlanFileController::class)->name('files.')->group(function () {
    Route::post('/plan-files', 'open')->name('open');
    Route::get('/plans/{plan}/file', 'save')->name('save');
});

Route::controller(ShelfFormController::class)->name('forms.')->group(function () {
    Route::get('/forms', 'index')->name('index');
    Route::post('/forms', 'store')->name('store');
    Route::post('/forms/{form}/edits', 'update')->name('edit');
    Route::post('/forms/{form}/undo', 'undo')->name('undo');
    Route::post('/forms/{form}/plans', 'begin')->name('begin');
    Route::delete('/forms/{form}', 'destroy')->name('destroy');
    Route::post('/forms/{form}/restore', 'restore')->name('restore')->withTrashed();
    Route::post('/plans/{plan}/form', 'keep')->name('keep');
});

Route::controller(BowController::class)->name('bows.')->group(function () {
    Route::get('/bows', 'index')->name('index');
    Route::post('/bows', 'store')->name('store');
    Route::get('/bows/{bow}', 'show')->name('show')->whereNumber('bow');
    Route::post('/bows/{bow}/edits', 'update')->name('edit');
    Route::post('/bows/{bow}/undo', 'undo')->name('undo');
    Route::post('/bows/{bow}/plans', 'put')->name('put');
    Route::delete('/bows/{bow}', 'destroy')->name('destroy');
    Route::post('/bows/{bow}/restore', 'restore')->name('restore')->withTrashed();
});

Route::controller(ShelfController::class)->name('shelf.')->group(function () {
    Route::get('/shelf', 'index')->name('index');
    Route::post('/shelf', 'store')->name('store');
    Route::get('/shelf/{item}', 'show')->name('show')->whereNumber('item');
    Route::post('/shelf/{item}/edits', 'update')->name('edit');
    Route::post('/shelf/{item}/stock', 'take')->name('take');
    Route::post('/shelf/{item}/away', 'archive')->name('archive');
    Route::post('/shelf/{item}/restore', 'restore')->name('restore');
    Route::post('/stock/{stock}/note', 'note')->name('note');
});

Route::controller(ShelfStockController::class)->name('stock.')->group(function () {
    Route::post('/stock/{stock}/measure', 'measure')->name('measure');
    Route::post('/stock/{stock}/gone', 'gone')->name('gone');
    Route::post('/movements/{movement}/undo', 'undo')->name('undo');
});

Route::controller(PricesController::class)->name('prices.')->group(function () {
    Route::get('/prices', 'index')->name('index');
    Route::get('/prices/rolls', 'rolls')->name('rolls');
    Route::post('/prices/edits', 'update')->name('edit');
    Route::post('/prices/undo', 'undo')->name('undo');
    Route::get('/prices/{price}', 'show')->name('show')->whereNumber('price');
    Route::get('/prices/{price}.pdf', 'pdf')->name('pdf')->whereNumber('price');
    Route::get('/prices/{price}.csv', 'csv')->name('csv')->whereNumber('price');
    Route::delete('/prices/{price}', 'destroy')->name('destroy')->whereNumber('price');
    Route::post('/prices/{price}/restore', 'restore')->name('restore')->withTrashed();
});

Route::post('/units', [HouseController::class, 'units'])->name('units');
Route::post('/currency', [HouseController::class, 'currency'])->name('currency');

Route::controller(ScaleController::class)->name('scale.')->group(function () {
    Route::get('/scale', 'show')->name('show');
    Route::post('/scale', 'lay')->name('lay');
});

Route::controller(LabelPrinterController::class)->name('labels.')->group(function () {
    Route::get('/labels', 'show')->name('show');
    Route::post('/labels', 'play')->name('play');
    Route::post('/stock/{stock}/label', 'stock')->name('stock');
});

Route::controller(ShelfFileController::class)->name('imports.')->group(function () {
    Route::get('/shelf.csv', 'save')->name('save');
    Route::post('/shelf-files', 'open')->name('open');
    Route::get('/shelf-files/{import}', 'show')->name('show');
    Route::post('/shelf-files/{import}/columns', 'match')->name('match');
    Route::post('/shelf-files/{import}/step', 'step')->name('step');
    Route::post('/shelf-files/{import}/again', 'again')->name('again');
    Route::post('/shelf-files/{import}/rows/{row}', 'mend')->name('mend')->whereNumber('row');
    Route::post('/shelf-files/{import}/shelf', 'lay')->name('lay');
    Route::get('/shelf-files/{import}/refused.csv', 'refused')->name('refused');
    Route::delete('/shelf-files/{import}', 'drop')->name('drop');
});
