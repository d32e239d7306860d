<?php

declare(strict_types=1);

namespace Rinkel\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Planner;

/**
 * Which part may know which; checked by the static analysis.
 */
final class Layers
{
    /** From the ground up. */
    public const CONCEPTS = [
        'Measure', 'Geometry', 'Remark', 'Fit', 'Material', 'Knot', 'Hand', 'Pattern', 'Arrangement', 'Line', 'Stock',
        'Cutting', 'Work',
        'Closure', 'Piece', 'Construction', 'Plan', 'Making', 'Sizing', 'Drawing', 'Svg', 'Lesson',
        'Practice', 'Rehearsal', 'Tight',
    ];

    /** From the ground up: the platform knows no concept, each concept those below it, pages and commands all. */
    public const PARTS = [
        'Platform', 'Kept', 'Workshop', 'Jobs', 'Settings', 'Money', 'Svg', 'People', 'Stock', 'Knots', 'Piece',
        'Orders', 'Making', 'Cutting', 'Lesson', 'Document',
        'Board', 'Price', 'Buying', 'Log', 'Samples', 'Sizes', 'Table', 'Paper', 'Practice', 'Devices', 'Arrange',
        'Pairing', 'Backup', 'Health', 'Examples', 'Page', 'Console',
    ];

    public function testCoreKnowsOnlyItself(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Rinkel\Core'))
            ->canOnlyDependOn()
            ->classes(
                Selector::inNamespace('Rinkel\Core'),
                Selector::classname(
                    '/^(Closure|Stringable|Generator|Throwable|BackedEnum|UnitEnum|InvalidArgumentException'
                        .'|LogicException|DomainException|DOM(Document|Element|Node|Text)|Random\\\\.*)$/',
                    true,
                ),
            )
            ->because('the computation must stand without framework, database and pages');
    }

    /**
     * @return iterable<string, Rule>
     */
    #[TestRule]
    public function eachKnowsOnlyWhatLiesBelow(): iterable
    {
        yield from self::layered('Rinkel\Core\\', self::CONCEPTS);
        yield from self::layered('Rinkel\App\\', self::PARTS);
    }

    /**
     * @param non-empty-string $in
     * @param list<string>     $layers from the ground up
     *
     * @return iterable<string, Rule>
     */
    private static function layered(string $in, array $layers): iterable
    {
        foreach ($layers as $i => $layer) {
            $above = \array_slice($layers, $i + 1);
            if ([] !== $above) {
                yield $in.$layer => PHPat::rule()
                    ->classes(Selector::inNamespace($in.$layer))
                    ->shouldNotDependOn()
                    ->classes(...array_map(static fn (string $name) => Selector::inNamespace($in.$name), $above))
                    ->because('concepts stand in layers, so that none needs itself');
            }
        }
    }

    /**
     * @return iterable<string, Rule>
     */
    #[TestRule]
    public function insidesStayInside(): iterable
    {
        foreach (self::CONCEPTS as $concept) {
            yield $concept => PHPat::rule()
                ->classes(Selector::inNamespace('Rinkel'))
                ->excluding(Selector::inNamespace('Rinkel\Core\\'.$concept), Selector::inNamespace('Rinkel\Tests'))
                ->shouldNotDependOn()
                ->classes(Selector::inNamespace('Rinkel\Core\\'.$concept.'\Internal'))
                ->because('what is internal may change without asking');
        }
    }

    public function testControllersDoNotPlan(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::classname('/Controller$/', true))
            ->shouldNotDependOn()
            ->classes(
                Selector::classname(Planner::class),
                Selector::classname(PieceReader::class),
                Selector::inNamespace('Rinkel\Core\Construction'),
                Selector::inNamespace('Rinkel\Core\Closure'),
            )
            ->because('a controller passes on what was asked; what it means is said elsewhere');
    }
}
