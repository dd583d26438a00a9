<?php

namespace App\Http\Middleware;

use App\Http\Hosts;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Exception\SuspiciousOperationException;
use Symfony\Component\HttpFoundation\Response;

/**
 * Answers only where it is called by a name of this machine, or one that was allowed. Else a page from elsewhere could have its own name
 * point here, and then read and change plans in a browser on this machine. Where somebody came from elsewhere, back is not there.
 */
final class OnlyThisMachine
{
    public function handle(Request $request, Closure $next): Response
    {
        try {
            $host = $request->getHost();
        } catch (SuspiciousOperationException) {
            $host = '';
        }
        if (! Hosts::isOurs($host, config('app.hosts'))) {
            return response()->view('errors.421', ['host' => mb_substr(mb_scrub($host), 0, 80)], 421);
        }
        $from = parse_url((string) $request->headers->get('referer'));
        if (
            ! is_array($from)
            || ($from['host'] ?? '').':'.($from['port'] ?? '') !== parse_url(
                $request->getSchemeAndHttpHost(),
                PHP_URL_HOST,
            ).':'.(parse_url($request->getSchemeAndHttpHost(), PHP_URL_PORT) ?? '')
        ) {
            $request->headers->remove('referer');
        }

        return $next($request);
    }
}
