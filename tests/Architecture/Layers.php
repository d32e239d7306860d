<?php

declare(strict_types=1);

namespace Rinkel\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/**
 * Which part may know which; checked by the static analysis.
 */
final class Layers
{
    public function testCoreKnowsOnlyItself(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Rinkel\Core'))
            ->canOnlyDependOn()
            ->classes(
                Selector::inNamespace('Rinkel\Core'),
                Selector::classname('/^(Stringable|Generator|Throwable|BackedEnum|UnitEnum|InvalidArgumentException|LogicException|DomainException)$/', true),
            )
            ->because('the computation must stand without framework, database and pages');
    }

    public function testPlanningKnowsNoDrawing(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Rinkel\Core'))
            ->excluding(Selector::inNamespace('Rinkel\Core\Drawing'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('Rinkel\Core\Drawing'))
            ->because('a drawing follows from a plan, never the other way round');
    }
}
