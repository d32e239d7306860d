<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Drawing\Span;
use Rinkel\Core\Plan\Plan;
use Rinkel\Tests\Core\Examples;

final class RopeKnotTest extends TestCase
{
    /**
     * One rope of each of two colours is the same piece as two of one: as long, as thick, cut alike; and both colours
     * are seen, in the legs and in the knot.
     */
    public function testEachRopeHasItsColour(): void
    {
        $two = self::plan(['rope' => ['thickness' => '6 mm', 'count' => 2, 'colour' => '#aa8844']]);
        $mixed = self::plan([
            'rope' => ['thickness' => '6 mm', 'count' => 1, 'colour' => '#aa8844'],
            'tide' => ['thickness' => '6 mm', 'count' => 1, 'colour' => '#2f5f73', 'fibre' => 'polyester'],
        ]);
        $cut = static fn (Plan $plan, string $role): ?Cut => array_values(
            array_filter($plan->cuts, static fn (Cut $cut): bool => $role === $cut->role),
        )[0] ?? null;

        self::assertSame($two->draft->body()->millimetres, $mixed->draft->body()->millimetres);
        self::assertSame(4, $cut($two, 'rope')?->count);
        self::assertSame(2, $cut($mixed, 'rope')?->count);
        self::assertSame(2, $cut($mixed, 'tide')?->count);
        self::assertEquals($cut($two, 'rope')->length, $cut($mixed, 'tide')->length);
        $scene = (new Layout($mixed))->flat();
        $legs = array_unique(
            array_map(static fn (DrawnCord $cord): string => $cord->role.' '.$cord->colour->hex, $scene->cords),
        );
        self::assertContains('rope #aa8844', $legs);
        self::assertContains('tide #2f5f73', $legs);
        $inKnot = [];
        foreach ($scene->placed as $placed) {
            foreach ($placed->motif->strands as $strand) {
                array_push(
                    $inKnot,
                    ...array_map(static fn (Span $span): ?string => $span->colour?->hex, $strand->spans),
                );
            }
        }
        self::assertContains('#2f5f73', $inKnot);
        self::assertContains('#aa8844', $inKnot);
    }

    /**
     * The second loop of another colour: cut as the first, seen in the knot and on its own side.
     */
    public function testEachLoopHasItsColour(): void
    {
        $plan = self::plan([
            'rope' => ['thickness' => '6 mm', 'count' => 2, 'colour' => '#aa8844'],
            'second' => ['thickness' => '6 mm', 'colour' => '#2f5f73'],
        ]);
        $cuts = array_column($plan->cuts, null, 'role');

        self::assertSame([2, 2], [$cuts['rope']->count, $cuts['second']->count]);
        self::assertEquals($cuts['rope']->length, $cuts['second']->length);
        $scene = (new Layout($plan))->flat();
        $middle = $plan->draft->body()->millimetres / 2;
        $sides = [];
        foreach ($scene->cords as $cord) {
            $sides[$cord->points[0]->x < $middle - 1 ? 'left' : 'right'][$cord->role] = true;
        }
        self::assertSame(['rope'], array_keys($sides['left'] ?? []));
        self::assertSame(['second'], array_keys($sides['right'] ?? []));
        $inKnot = [];
        foreach ($scene->placed as $placed) {
            foreach ($placed->motif->strands as $strand) {
                $inKnot[] = $strand->spans[0]->colour?->hex;
            }
        }
        self::assertSame(['#aa8844' => 2, '#2f5f73' => 2], array_count_values(array_filter($inKnot, is_string(...))));
    }

    /**
     * A rope that gives less than the other is what the hand must get through.
     */
    public function testTheStifferRopeDecidesWhetherItGoesOverTheHand(): void
    {
        $rope = ['fibre' => 'cotton', 'thickness' => '5 mm', 'count' => 1, 'stretch' => '20 cm to 22 cm'];
        $plan = static fn (array $second): Plan => Examples::planOf('rope-knot', [
            'wearer' => ['girth' => '16.4 cm', 'hand' => '18.5 cm'],
            'cords' => ['rope' => $rope, 'second' => $second + $rope], 'closure' => ['kind' => 'butted'],
        ]);
        $both = $plan([]);
        $stiff = $plan(['stretch' => '20 cm to 20.1 cm']);

        self::assertNull(Examples::check($both, 'cannot-pass'));
        self::assertNotNull(Examples::check($stiff, 'cannot-pass'));
    }

    /**
     * Thread of 0.5 mm covers 12 mm in 24 turns, whichever way that is said.
     */
    public function testABindingAsWideAsTheTape(): void
    {
        $cords = ['rope' => ['thickness' => '6 mm', 'count' => 2], 'thread' => ['thickness' => '0.5 mm']];
        $wide = self::plan($cords, 'binding 12 mm, gap fit, 1 interlace, gap fit, binding 3.2 mm');
        $turns = self::plan($cords, '24 whip, gap fit, 1 interlace, gap fit, 7 whip');

        self::assertEquals($turns->cuts, $wide->cuts);
        self::assertSame(
            'binding 12 mm, gap fit, 1 interlace, gap fit, binding 3.2 mm',
            (string) $wide->draft->piece->pattern->tree,
        );
    }

    /**
     * @param array<string, array<string, mixed>> $cords
     */
    private static function plan(array $cords, ?string $pattern = null): Plan
    {
        return Examples::planOf('rope-knot', [
            'wearer' => ['girth' => '16.4 cm', 'hand' => '19.4 cm'],
            'cords' => $cords,
        ] + (null === $pattern ? [] : ['pattern' => $pattern]));
    }
}
