<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Read by static analysis: the craft's rules know neither the framework nor the application. */
final class CoreStandsAlone
{
    public function test_core_depends_on_nothing_of_the_application(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Davrin\Core'))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('Illuminate'),
                Selector::inNamespace('App'),
                Selector::inNamespace('Symfony'),
                Selector::inNamespace('Carbon'),
            )
            ->because('the craft is computed without interface, database and clock');
    }
}
