<?php

namespace App\Http;

/** The names that Davrin is called by. The server's own script asks before anything of the framework is loaded. */
final class Hosts
{
    /** @param  string  $more  names that are allowed beside those of this machine, with commas between */
    public static function isOurs(string $host, string $more): bool
    {
        $host = strtolower(trim($host, '[]'));

        return $host === 'localhost' || str_ends_with($host, '.localhost') || $host === '::1'
            || (filter_var($host, FILTER_VALIDATE_IP, FILTER_FLAG_IPV4) !== false && str_starts_with($host, '127.'))
            || in_array($host, array_filter(array_map(trim(...), explode(',', strtolower($more)))), true);
    }
}
