<?php

namespace App\Console\Commands;

use Davrin\Core\Learned\LearnedFigures;
use Davrin\Core\Plan\Plan;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Words\Fault;
use JsonSerializable;

/** What commands share that work out plan files: reading them, telling what came of it, and saying what is wrong. */
trait ReadsPlanFiles
{
    /** @throws Fault with a sentence that names the file */
    private function read(string $path, PlanFile $files): Plan
    {
        $text = $this->contents($path, PlanFile::MOST_BYTES + 1);
        $learned = $this->learned();
        try {
            $plan = $files->read($text);
        } catch (Fault $fault) {
            throw Fault::at($fault->pointer, sprintf('%s: at "%s": %s', $path, $fault->pointer, $fault->getMessage()));
        }

        return $learned === null ? $plan : $files->reopen($files->write($plan), $learned);
    }

    /**
     * What a plan is worked with instead of what stands in it; null where nothing was said of that.
     *
     * @throws Fault with a sentence that names the file
     */
    private function learned(): ?LearnedFigures
    {
        $path = (string) $this->option('learned');
        try {
            return $path === '' ? null : LearnedFigures::ofFile($this->contents($path, PlanFile::MOST_BYTES, 'what was learned'));
        } catch (Fault $fault) {
            throw Fault::at($fault->pointer, sprintf('%s: at "%s": %s', $path, $fault->pointer, $fault->getMessage()));
        }
    }

    /** @throws Fault */
    private function contents(string $path, int $most, string $what = 'a plan file'): string
    {
        return is_file($path) && is_readable($path)
            ? (string) file_get_contents($path, length: $most)
            : throw Fault::at('', "$path cannot be read. Give the path of $what.");
    }

    /** @throws Fault where it is no whole number of that many digits at the most */
    private function number(string $option, int $most): int
    {
        $typed = (string) $this->option($option);

        return preg_match('/^[1-9]\d{0,8}$/D', $typed) === 1 && (int) $typed <= $most
            ? (int) $typed
            : throw Fault::at('', sprintf(
                '--%s takes a whole number from 1 to %d; "%s" is not.',
                $option,
                $most,
                mb_substr($typed, 0, 40),
            ));
    }

    private function json(JsonSerializable $result): void
    {
        $this->output->writeln(
            (string) json_encode(
                $result,
                JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION,
            ),
        );
    }

    private function fault(string $sentence): int
    {
        $this->output->getErrorStyle()->writeln($sentence);

        return self::FAILURE;
    }

    /** @param  list<string>  $lines */
    private function section(string $title, array $lines): void
    {
        $this->output->writeln($title);
        foreach ($lines as $line) {
            $this->output->writeln("  $line");
        }
        $this->output->newLine();
    }
}
