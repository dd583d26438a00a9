<?php

namespace App\Http\Middleware;

use App\Http\Headers;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Stands outside all others, so that what they refuse bears the headers, too. What says more narrowly what it needs keeps that. */
final class SecureHeaders
{
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        foreach (Headers::ALL as $name => $value) {
            $response->headers->has($name) || $response->headers->set($name, $value);
        }

        return $response;
    }
}
