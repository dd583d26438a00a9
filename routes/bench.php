<?php

use Illuminate\Support\Facades\Route;

// What bin/bench measures an edit against: a route that does nothing. Only there when the benchmark runs.
Route::get('/empty', fn () => response('', 200));
