<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Work;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\EndUse;
use Rinkel\Core\Work\Handling;
use Rinkel\Core\Work\Task;
use Rinkel\Core\Work\WorkCord;
use Rinkel\Tests\Core\Examples;

final class EndTest extends TestCase
{
    public function testWhatIsKeptIsTheLongestThatAnyoneAsksFor(): void
    {
        $end = self::end();
        $end->keep(50);
        $end->keep(30);
        $end->keep(75);

        self::assertSame(75.0, $end->held);
        self::assertEqualsWithDelta(75.0, $end->ledger->expected(), 1e-9, 'not their sum');
    }

    public function testWhatTheBodyTakesIsToldFromWhatClosesIt(): void
    {
        $end = self::end();
        $end->uses(EndUse::straight($end, 40.0), true);
        $end->uses(EndUse::straight($end, 25.0), false);

        self::assertSame([40.0, 25.0, 65.0], [$end->straight, $end->closure, $end->taken()]);
    }

    public function testSeveralStrandsAreCalledStrands(): void
    {
        $plan = Examples::planOf('strand-bundle');
        $ends = array_map(static fn (WorkCord $cord): End => $cord->a, $plan->sheet->cords);

        self::assertSame('strands', End::rolesOf($ends));
        self::assertSame('sea', End::rolesOf([$ends[0]]));
        self::assertSame('', End::rolesOf([]));
    }

    private static function end(): End
    {
        return Examples::plan()->sheet->cords[0]->a->cord->material instanceof Cord
            ? (new WorkCord(
                'core',
                Task::Core,
                9,
                Examples::plan()->draft->piece->cord('core')->cord,
                new Handling(false),
            ))->a
            : self::fail();
    }
}
