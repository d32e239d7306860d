<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Closing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * Acts of a knot in elastic.
 */
final class ElasticTest extends TestCase
{
    public function testItIsStretchedTiedGluedTrimmedAndHidden(): void
    {
        $plan = Examples::planOf('stretch', ['closure' => ['kind' => 'elastic', 'glued' => true]]);

        self::assertSame(['elastic-knot'], Sheets::keys($plan, Part::Close));
        self::assertSame(['glue-knot', 'cure', 'trim-elastic', 'hide-knot'], Sheets::keys($plan, Part::Ends));
        self::assertContains('look-knot-only', Sheets::looks(Sheets::act($plan, 'glue-knot')));
        self::assertSame(['look-again'], Sheets::looks(Sheets::act($plan, 'trim-elastic')), 'once it is dry');
    }

    public function testAnUngluedOneIsTrimmedAtOnce(): void
    {
        $plan = Examples::planOf('stretch', ['closure.kind' => 'elastic']);

        self::assertSame(['trim-elastic', 'hide-knot'], Sheets::keys($plan, Part::Ends));
        self::assertSame([], Sheets::looks(Sheets::act($plan, 'trim-elastic')));
        self::assertEqualsWithDelta(2.0, Sheets::act($plan, 'trim-elastic')->spot->sizes['leaves']->millimetres, 1.01);
    }

    public function testACrimpCoverGoesOverTheKnot(): void
    {
        $plan = Examples::planOf('stretch', [
            'findings.cover' => ['kind' => 'crimp-cover'], 'closure' => ['kind' => 'elastic', 'findings' => ['cover']],
        ]);

        self::assertNotContains('hide-knot', Sheets::keys($plan, Part::Ends));
        self::assertContains('cover', array_merge(...array_map(
            static fn (Act $act): array => $act->stint->things,
            $plan->acts()->all,
        )));
    }
}
