<?php

declare(strict_types=1);

namespace Davrin\Core\PlanFile;

/** Makes a plan document of one version into one of the next. */
interface Upgrade
{
    /** The version it starts from. */
    public function from(): int;

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    public function upgrade(array $document): array;
}
