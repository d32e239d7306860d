<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Knot\Kind\Barrel;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Whole;

/**
 * What must hold of any plan before something is cut: no end is too short for what it does, nothing is worn that could
 * not be shut or opened so, and what is told inside is what a string pulled taut around the piece has inside.
 */
final class LeatherUnderScissorsTest extends TestCase
{
    /** By construction, and as many again by chance; the long run of 5000 is one call of this with another number. */
    private const PIECES = 300;

    /** @var array<int|string, non-empty-list<float>> */
    private static array $arcs = [];

    #[DataProvider('provideConstructions')]
    public function testEveryConstruction(string $construction): void
    {
        $this->assertHolds(Examples::planOf($construction), $construction);
        $this->assertHolds(Examples::planOf($construction, ['wraps' => 2]), $construction.' in two wraps');
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function provideConstructions(): iterable
    {
        foreach (Constructions::all()->ids() as $id) {
            yield $id => [$id];
        }
    }

    #[Group('whole')]
    public function testPiecesByChance(): void
    {
        $chance = new Chance(2611);
        $planner = new Planner();
        $pieces = (int) (getenv('PIECES') ?: Whole::many(self::PIECES));
        for ($i = 0; $i < $pieces; ++$i) {
            $wish = Examples::random($chance);
            $this->assertHolds($planner->plan($wish), $chance.', piece '.$i.', '.$wish->construction);
        }
    }

    private function assertHolds(Plan $plan, string $told): void
    {
        $this->assertNoEndRunsShort($plan, $told);
        $draft = $plan->draft;
        if ($draft->fastened->kind->slides()) {
            self::assertFalse($draft->worn()->isShorterThan(self::less($draft->closed())), $told.': shut <= worn');
            self::assertFalse($draft->open()->isShorterThan(self::less($draft->worn())), $told.': worn <= open');
        }
        $skin = $draft->piece->wearer->skin();
        $isNear = !$draft->worn()->isShorterThan($skin->times(0.8)) && !$draft->worn()->isLongerThan($skin->times(1.5));
        if (1 === $draft->piece->wraps && $isNear) {
            self::assertEqualsWithDelta(
                self::inside($draft),
                $draft->worn()->millimetres,
                // Where beads as thick as a tenth of the wrist stand close, a quarter of one is as near as it comes.
                max(2.0, $draft->ring->profile->thick->millimetres / 4),
                $told.': what is told inside, against a taut string',
            );
        }
    }

    /**
     * Adds up for each end of each cord what is done with it, act by act, as hands would use it up.
     */
    private function assertNoEndRunsShort(Plan $plan, string $told): void
    {
        $left = [];
        foreach ($plan->sheet->cords as $cord) {
            $cut = $plan->sheet->cutOf($cord);
            $left[$cord->a->id] = $cut->parting->at->millimetres;
            $left[$cord->b->id] = $cut->length->minus($cut->parting->at)->millimetres;
        }
        foreach ($plan->acts()->all as $i => $act) {
            foreach ($act->stint->takes as $spent) {
                $left[$spent->end->id] -= $spent->total();
                self::assertGreaterThanOrEqual(-1e-6, $left[$spent->end->id], $told.', act '.$i.', '.$spent->end->id);
            }
        }
    }

    /**
     * Returns the girth inside of the worn piece, found by trying girths: for each the length of a string pulled taut
     * around the body and all that lies on it, by its support function (Cauchy's formula: the perimeter of a convex figure
     * is the integral of its support over all directions).
     */
    private static function inside(Draft $draft): float
    {
        $laid = $draft->body()->plus($draft->wornGap())->millimetres;
        // What it is longer than inside changes little with the girth, so that a few rounds are enough.
        $girth = $laid - \M_PI * $draft->ring->profile->thick->millimetres;
        for ($i = 0; $i < 12; ++$i) {
            $girth = max(1.0, $girth + $laid - self::taut($draft, $girth, $laid));
        }

        return $girth;
    }

    private static function taut(Draft $draft, float $girth, float $laid): float
    {
        $ratio = $draft->piece->wearer->place->ratio();
        $steps = 240;
        $arcs = self::arcs($ratio);
        $high = $girth / $arcs[\count($arcs) - 1];
        $wide = $ratio * $high;
        $points = self::points($draft, $girth, $laid, $wide, $high);
        $thin = $draft->ring->profile->thin->millimetres / 2;
        $length = 0.0;
        for ($i = 0; $i < $steps; ++$i) {
            [$cos, $sin] = [cos(2 * \M_PI * $i / $steps), sin(2 * \M_PI * $i / $steps)];
            $support = hypot($wide * $cos, $high * $sin) + $thin;
            foreach ($points as [$x, $y]) {
                $support = max($support, $x * $cos + $y * $sin);
            }
            $length += $support * 2 * \M_PI / $steps;
        }

        return $length;
    }

    /**
     * Returns points of the cord's axis where it lies on something: the ends of beads, and a few along each knot.
     *
     * @return list<array{float, float}>
     */
    private static function points(Draft $draft, float $girth, float $laid, float $wide, float $high): array
    {
        $points = [];
        $radius = $girth / 2 / \M_PI;
        $gap = $draft->wornGap()->millimetres;
        // What is thick takes of the way around the body what lies under it, all else shares the rest.
        /** @var list<array{float, float, bool}> $parts how long, half how thick, whether it is rigid */
        $parts = [[($gap - self::between($draft)[0]) / 2, 0.0, false]];
        foreach ($draft->setting->elements as $i => $element) {
            $flat = self::corner($draft, $i);
            $thick = null === $flat
                ? $element->extent->thickness->millimetres
                : $flat * $element->extent->thickness->millimetres;
            $rigid = $element->isBead() || ElementKind::Focal === $element->kind;
            if (!$element->extent->length->isZero() && !$element->seat->hangs) {
                $parts[] = [$element->extent->length->millimetres, $thick / 2, $rigid];
            }
        }
        $parts[] = [($gap - self::between($draft)[0]) / 2, 0.0, false];
        $parts[] = self::between($draft);
        $thin = $draft->ring->profile->thin->millimetres / 2;
        $shares = array_map(
            static fn (array $part): float => self::share($part[0], $part[1], $part[2], $radius, $thin),
            $parts,
        );
        $all = array_sum($shares);
        $bare = 0.0;
        foreach ($parts as $i => $part) {
            $bare += 0.0 === $shares[$i] ? $part[0] : 0.0;
        }
        $at = 0.75;
        foreach ($parts as $i => $part) {
            $own = $shares[$i];
            $span = 0.0 === $own ? max(0.0, 1 - $all) * $part[0] / max(1e-9, $bare) : $own * ($bare > 0 && $all < 1 ? 1 : 1 / $all);
            foreach (match (true) {
                0.0 === $own => [],
                $part[2] => [0.5],
                default => range(0.0, 1.0, 1 / max(1, ceil($part[0] / 4))),
            } as $place) {
                [$x, $y, $nx, $ny] = self::on($at + $span * $place, $wide, $high);
                [$x, $y] = [$x + $part[1] * $nx, $y + $part[1] * $ny];
                array_push($points, ...($part[2] ? [
                    [$x - $ny * $part[0] / 2, $y + $nx * $part[0] / 2], [$x + $ny * $part[0] / 2, $y - $nx * $part[0] / 2],
                ] : [[$x, $y]]));
            }
            $at += $span;
        }

        return $points;
    }

    /**
     * Returns which share of the way around lies under a part that is thick or rigid.
     */
    private static function share(float $long, float $half, bool $rigid, float $radius, float $thin): float
    {
        return match (true) {
            $rigid => atan($long / 2 / ($radius + $half)) / \M_PI,
            $half > $thin + 1e-6 => $long / 2 / \M_PI / ($radius + $half),
            default => 0.0,
        };
    }

    /**
     * Returns what lies in the middle between the ends of the body: what a slider is tied of, or its bead.
     *
     * @return array{float, float, bool} how long, half how thick, whether it is rigid
     */
    private static function between(Draft $draft): array
    {
        $ends = $draft->construction->ends($draft->piece);
        $working = $draft->piece->sliderCord() ?? $ends->cord;
        $wraps = $draft->piece->closure->knot->wraps;
        $knot = match ($draft->fastened->kind->id()) {
            'square-slider' => $draft->book()->around(new Square(), $ends->doubled(), $working),
            'single-barrel', 'double-barrel' => $draft->book()->sliding(new Barrel(), $ends->cord, $ends->cord, $wraps),
            default => null,
        };
        $bead = 'slide-bead' === $draft->fastened->kind->id() ? $draft->fastened->findings[0] ?? null : null;

        return match (true) {
            null !== $bead => [$bead->length->millimetres, $bead->width->millimetres / 2, true],
            null !== $knot => [
                $draft->fastened->span->length->millimetres ?? 0.0,
                $knot->thickness->millimetres / 2,
                false,
            ],
            default => [0.0, 0.0, false],
        };
    }

    /**
     * Returns twice the corner of a bead with flat ends that touches another such, in diameters.
     */
    private static function corner(Draft $draft, int $i): ?float
    {
        $corner = static function (int $at) use ($draft): ?float {
            $element = $draft->setting->elements[$at] ?? null;
            $bead = null === $element ? null : ($draft->piece->beads[$element->name] ?? null);

            return true === $element?->isBead() || ElementKind::Focal === $element?->kind ? $bead?->shape->corner() : null;
        };
        $own = $corner($i);

        return null === $own || null === $corner($i - 1) && null === $corner($i + 1) ? null : 2 * $own;
    }

    /**
     * @return array{float, float, float, float} a point of the oval after a share of the way around, and its normal
     */
    private static function on(float $share, float $wide, float $high): array
    {
        $share -= floor($share);
        $arcs = self::arcs($wide / $high);
        $last = \count($arcs) - 1;
        // The way is nearly even in the angle: the step is near where it would be on a circle.
        $step = min($last - 1, (int) ($share * $last));
        for (; $step > 0 && $arcs[$step] > $share * $arcs[$last]; --$step) {
        }
        for (; $step < $last - 1 && $arcs[$step + 1] < $share * $arcs[$last]; ++$step) {
        }
        $within = ($share * $arcs[$last] - $arcs[$step]) / ($arcs[$step + 1] - $arcs[$step]);
        $angle = 2 * \M_PI * ($step + $within) / $last;
        $normal = hypot($high * cos($angle), $wide * sin($angle));

        return [
            $wide * cos($angle), $high * sin($angle), $high * cos($angle) / $normal, $wide * sin($angle) / $normal,
        ];
    }

    /**
     * @return non-empty-list<float> the way around an oval of that ratio up to each step of its angle
     */
    private static function arcs(float $ratio): array
    {
        $key = (string) round($ratio, 4);
        if (!isset(self::$arcs[$key])) {
            $arcs = [0.0];
            for ($i = 1; $i <= 360; ++$i) {
                [$from, $to] = [2 * \M_PI * ($i - 1) / 360, 2 * \M_PI * $i / 360];
                $arcs[] = $arcs[$i - 1] + hypot($ratio * (cos($to) - cos($from)), sin($to) - sin($from));
            }
            self::$arcs[$key] = $arcs;
        }

        return self::$arcs[$key];
    }

    private static function less(Length $length): Length
    {
        return $length->minus(Length::ofMillimetres(0.01));
    }
}
