<?php

use App\Http\Middleware\Compressed;
use App\Http\Middleware\OneTextAField;
use App\Http\Middleware\OnlyThisMachine;
use App\Http\Middleware\SecureHeaders;
use App\Http\Refusals;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: [
        __DIR__.'/../routes/web.php',
        ...(getenv('DAVRIN_BENCH') === '1' ? [__DIR__.'/../routes/bench.php'] : []),
    ])
    ->withCommands([__DIR__.'/../app/Console/Commands'])
    ->withMiddleware(function (Middleware $middleware) {
        // The application is same-origin; the CORS package is not installed (see compat/README.md).
        $middleware->remove(HandleCors::class);
        $middleware->prepend([SecureHeaders::class, OnlyThisMachine::class, Compressed::class]);
        $middleware->append(OneTextAField::class);
    })
    ->withExceptions(new Refusals)
    ->create();
