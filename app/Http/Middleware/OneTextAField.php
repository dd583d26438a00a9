<?php

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A field holds one text. What comes as a list where no page sends one is as if it had not come. */
final class OneTextAField
{
    private const LISTS = ['set', 'was', 'copies', 'columns', 'cells', 'without', 'plans', 'only', 'ticks'];

    public function handle(Request $request, Closure $next): Response
    {
        foreach ([$request->query, $request->isJson() ? $request->json() : $request->request] as $fields) {
            foreach ($fields->all() as $key => $value) {
                if (is_array($value) && ! in_array($key, self::LISTS, true)) {
                    $fields->remove((string) $key);
                }
            }
        }

        return $next($request);
    }
}
