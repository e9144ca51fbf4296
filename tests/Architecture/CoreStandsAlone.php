<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The craft knows nothing of the framework, its date library or the application. */
final class CoreStandsAlone
{
    public function testCoreImportsNoFramework(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('HonestGrain'))
            ->shouldNot()->dependOn()
            ->classes(
                Selector::inNamespace('Illuminate'),
                Selector::inNamespace('Carbon'),
                Selector::inNamespace('Symfony'),
                Selector::inNamespace('App'),
                Selector::inNamespace('Sabre'),
                Selector::inNamespace('Opis'),
            )
            ->because('core/ is plain PHP that any program can use');
    }
}
