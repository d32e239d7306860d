<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\How;
use Rinkel\Tests\Core\Examples;

/**
 * A leather core that ends in an eyelet, soft cord knotted around it.
 */
final class EyeletTest extends TestCase
{
    public function testSoftEndsGoIntoTheKnotBeforeTheEye(): void
    {
        $acts = self::plan('hemp')->acts()->all;
        $first = self::at($acts, 'loop-first-soft');

        self::assertSame(
            ['core', 'core', 'working', 'working'],
            array_map(static fn ($end): string => $end->cord->role, $acts[$first]->grip->by),
        );
        foreach ($acts as $i => $act) {
            foreach (ActKind::Trim === $act->does || null !== $act->care->how ? $act->care->ends : [] as $end) {
                self::assertTrue('working' !== $end->cord->role || $i > $first, 'not before they are tied in');
            }
        }
    }

    /**
     * The knot is as long as four strands make it, in the plan as in the hands.
     */
    public function testTheKnotOfAllCountsForTheFit(): void
    {
        self::assertGreaterThan(
            self::plan('leather')->draft->fastened->span->narrow->millimetres + 1,
            self::plan('hemp')->draft->fastened->span->narrow->millimetres,
        );
    }

    public function testWhoEndsThemHerselfKeepsThemOut(): void
    {
        $own = self::plan('hemp', ['habits.working' => 'last']);

        self::assertSame(-1, self::at($own->acts()->all, 'loop-first-soft'));
        self::assertSame(-1, self::at(self::plan('leather')->acts()->all, 'loop-first-soft'));
    }

    /**
     * Varnish is another word for what dries on a knot: waited for as glue is, and never near what is glued always.
     */
    public function testVarnishInsteadOfGlue(): void
    {
        $acts = self::plan('hemp', ['habits.sealing' => 'varnish'])->acts()->all;
        $how = array_values(array_filter(array_map(static fn (Act $act): ?How => $act->care->how, $acts)));

        self::assertSame([How::Varnish], array_values(array_unique($how, \SORT_REGULAR)));
        $varnished = array_filter($acts, static fn (Act $act): bool => How::Varnish === $act->care->how);
        $wait = $acts[(int) array_key_last($varnished) + 1] ?? self::fail('Nobody waits.');
        self::assertSame(ActKind::Wait, $wait->does);
        $elastic = Examples::planOf('stretch', ['habits.sealing' => 'varnish'])->acts()->all;
        self::assertNotContains(How::Varnish, array_map(static fn (Act $act): ?How => $act->care->how, $elastic));
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function plan(string $fibre, array $changes = []): Plan
    {
        return Examples::planOf('square-knot-band', $changes + [
            'cords.core' => ['fibre' => 'leather', 'thickness' => '1.5 mm', 'run' => 'folded'],
            'cords.working' => ['fibre' => $fibre, 'thickness' => '1 mm'],
            'closure' => ['kind' => 'two-ends', 'start' => 'button', 'finish' => 'loop'],
        ]);
    }

    /**
     * @param list<Act> $acts
     */
    private static function at(array $acts, string $key): int
    {
        foreach ($acts as $i => $act) {
            if ($key === $act->said->key) {
                return $i;
            }
        }

        return -1;
    }
}
