<?php

namespace App\Console\Commands;

use Davrin\Core\PlanFile\PlanSchema as Schema;
use Illuminate\Console\Command;

/** Prints the JSON Schema of a plan file; docs/plan.schema.json is its output. */
final class PlanSchema extends Command
{
    protected $signature = 'plan:schema';

    protected $description = 'Print the JSON Schema of a plan file';

    public function handle(Schema $schema): int
    {
        $this->output->write($schema->text());

        return self::SUCCESS;
    }
}
