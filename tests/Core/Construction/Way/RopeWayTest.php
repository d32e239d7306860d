<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Way;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * How a rope knot is made.
 */
final class RopeWayTest extends TestCase
{
    public function testRopesAreTapedWovenMeasuredAndBound(): void
    {
        $plan = Examples::planOf('rope-knot');

        self::assertSame(['look-tape'], Sheets::looks($plan->acts()->all[0]), 'taped before it is cut');
        self::assertSame(['weave', 'leg', 'leg'], Sheets::keys($plan, Part::Body));
        self::assertCount(8, Sheets::act($plan, 'weave')->grip->by);
        self::assertSame(
            ['bind-legs', 'bind-legs', 'sew-thread', 'trim-at', 'sew-thread', 'trim-at'],
            Sheets::keys($plan, Part::Binding),
        );
        self::assertSame(['look-tape-shows'], Sheets::looks(Sheets::act($plan, 'bind-legs')));
    }

    public function testOneThreadBindsAJoinTwoBindLegs(): void
    {
        $threads = static fn (string $kind): array => array_values(array_unique(array_merge(...array_map(
            static fn (Act $act): array => ActKind::Bind === $act->does ? Sheets::ends($act->grip->by) : [],
            Examples::planOf('rope-knot', ['closure.kind' => $kind])->acts()->all,
        ))));

        self::assertSame(['thread.1.b', 'thread.2.b'], $threads('magnetic'));
        self::assertSame(['thread.1.b'], $threads('butted'));
    }
}
