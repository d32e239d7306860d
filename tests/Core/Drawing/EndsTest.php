<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Drawing\DrawnFinding;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;

/**
 * The drawing shows of a piece's ends what their acts made: loops of the size that is named, on the side where they
 * are, stops where they are tied, findings in the order in which they go on.
 */
final class EndsTest extends TestCase
{
    /** Half the width of a line, and rounding. */
    private const NEAR = 0.02;

    /**
     * @return iterable<string, array{Plan}>
     */
    public static function provideEnds(): iterable
    {
        foreach (Examples::shipped() as $name => $piece) {
            yield $name => [(new Planner())->plan($piece)];
        }
        foreach (Constructions::all()->ids() as $id) {
            foreach (Constructions::all()->get($id)->closures() as $kind) {
                yield $id.', '.$kind->id() => [Examples::planOf($id, ['closure' => ['kind' => $kind->id()]])];
            }
        }
        foreach (['loop', 'knotted-loop', 'button', 'ties', 'findings'] as $start) {
            foreach (['loop', 'knotted-loop', 'button', 'ties', 'findings'] as $finish) {
                $ends = ['kind' => 'two-ends', 'start' => $start, 'finish' => $finish];
                yield 'band, '.$start.' and '.$finish => [Examples::plan(['closure' => $ends])];
            }
        }
        foreach (['all cords', 'own stops', 'unequal 12 mm', 'frayed'] as $tails) {
            foreach (['square-slider', 'single-barrel', 'slide-bead'] as $kind) {
                $plan = Examples::plan(['closure' => ['kind' => $kind, 'tails' => $tails]]);
                yield 'band, '.$kind.', '.$tails => [$plan];
            }
        }
        foreach (['first', 'last'] as $button) {
            yield 'wrap, button '.$button => [Examples::planOf('bundled-wrap', ['habits' => ['button' => $button]])];
        }
    }

    #[DataProvider('provideEnds')]
    public function testTheEndsShowWhatTheirActsMade(Plan $plan): void
    {
        $scene = (new Layout($plan))->flat();
        $body = $plan->draft->body()->millimetres;
        foreach (['start' => -1, 'finish' => 1] as $side => $way) {
            $beyond = static fn (float $one, float $other): bool => $way > 0
                ? min($one, $other) > $body - self::NEAR
                : max($one, $other) < self::NEAR;
            $acts = array_values(array_filter(
                $plan->acts()->all,
                static fn (Act $act): bool => self::isAt($act, $side),
            ));
            self::assertEqualsWithDelta(self::made($acts), self::loops($scene, $beyond), 0.1, $side.': loops');
            $stops = \count(array_filter($acts, static fn (Act $act): bool => ActKind::Stop === $act->does
                && null !== $act->stint->knot));
            if ($stops > 0) {
                self::assertCount($stops, array_filter(
                    $scene->placed,
                    static fn (Placed $placed): bool => 'stop' === $placed->motif->name && $beyond(
                        $placed->pose->x,
                        $placed->pose->x + ($placed->pose->turned ? -1 : 1) * ($placed->end() - $placed->pose->x),
                    ),
                ), $side.': stops');
            }
        }
    }

    #[DataProvider('provideEnds')]
    public function testFindingsLieAsTheyGoOn(Plan $plan): void
    {
        $scene = (new Layout($plan))->flat();
        $body = $plan->draft->body()->millimetres;
        $lies = ['start' => [], 'finish' => []];
        foreach ($scene->findings as $drawn) {
            $lies[$drawn->x < 0 ? 'start' : 'finish'][] = $drawn;
        }
        foreach ($lies as $side => $drawn) {
            usort($drawn, static fn (DrawnFinding $one, DrawnFinding $other): int => 'start' === $side
                ? $other->x <=> $one->x
                : $one->x <=> $other->x);
            $named = array_map(
                static fn (DrawnFinding $one): string => self::nameOf($plan, $one),
                array_values(array_filter($drawn, static fn (DrawnFinding $one): bool => $one->x < 0.0
                    || $one->x > $body - 0.02)),
            );
            self::assertSame(self::attached($plan, $side), array_values(array_diff($named, [''])), $side);
        }
    }

    private static function nameOf(Plan $plan, DrawnFinding $drawn): string
    {
        foreach ($plan->draft->fastened->parts() as [$name, $finding]) {
            if ($finding === $drawn->finding) {
                return $name;
            }
        }

        return '';
    }

    /**
     * @return list<string> names of what goes on at one end, from the body outwards
     */
    private static function attached(Plan $plan, string $side): array
    {
        $names = [];
        $parts = array_column($plan->draft->fastened->parts(), 0);
        $isHere = false;
        foreach ($plan->acts()->all as $act) {
            if (\in_array($act->does, [ActKind::Attach, ActKind::Pass, ActKind::Secure], true)) {
                // What goes on another finding is at the side of that.
                $isHere = self::isAt($act, $side) || $isHere && [] === self::sides($act);
                array_push($names, ...array_values(array_filter(
                    $isHere ? $act->stint->things : [],
                    static fn (string $name): bool => \in_array($name, $parts, true),
                )));
            }
        }

        return $names;
    }

    private static function isAt(Act $act, string $side): bool
    {
        return \in_array($side, self::sides($act), true);
    }

    /**
     * @return list<string>
     */
    private static function sides(Act $act): array
    {
        return array_values(array_filter(['start', 'finish'], static fn (string $side): bool => [] !== array_filter(
            $act->spot->makes,
            static fn (Landmark $made): bool => 1 === preg_match('/\b'.$side.'\b(?!-)/', $made->id),
        )));
    }

    /**
     * @param list<Act> $acts
     *
     * @return list<float> how long each loop lies flat, in mm
     */
    private static function made(array $acts): array
    {
        $flat = array_map(
            static fn (Act $act): ?Length => $act->spot->sizes['size'] ?? match ($act->does) {
                ActKind::Loop => $act->spot->sizes['distance'] ?? null,
                default => null,
            },
            array_filter($acts, static fn (Act $act): bool => Part::Loop === $act->part),
        );

        return array_map(
            static fn (Length $length): float => $length->millimetres,
            array_values(array_filter($flat)),
        );
    }

    /**
     * @param callable(float, float): bool $beyond
     *
     * @return list<float>
     */
    private static function loops(Scene $scene, callable $beyond): array
    {
        $loops = [];
        foreach ($scene->cords as $cord) {
            $x = array_map(static fn ($point): float => $point->x, $cord->points);
            if (61 === \count($x) && abs($x[0] - $x[60]) < 1e-6 && $beyond(min($x), max($x))) {
                $loops[] = max($x) - min($x);
            }
        }

        return $loops;
    }
}
