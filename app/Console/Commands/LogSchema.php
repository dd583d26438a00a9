<?php

namespace App\Console\Commands;

use Davrin\Core\Log\LogFile;
use Illuminate\Console\Command;

/** Prints the JSON Schema of a file of the log; docs/log.schema.json is its output. */
final class LogSchema extends Command
{
    protected $signature = 'log:schema';

    protected $description = 'Print the JSON Schema of a file of the log';

    public function handle(): int
    {
        $this->output->write(json_encode(
            LogFile::schema(),
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        )."\n");

        return self::SUCCESS;
    }
}
