<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Exception\TailsUnread;
use Rinkel\Core\Closure\Tails;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Measure\MeasureFailure;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Remark\Check;
use Rinkel\Tests\Core\Examples;

final class TailsTest extends TestCase
{
    #[DataProvider('provideTexts')]
    public function testReadsAndPrints(string $text, string $printed): void
    {
        self::assertSame($printed, (string) Tails::parse($text, Unit::Millimetre));
        self::assertEquals(Tails::parse($text, Unit::Millimetre), Tails::parse($printed, Unit::Millimetre));
    }

    /**
     * @return iterable<array{string, string}>
     */
    public static function provideTexts(): iterable
    {
        yield ['frayed', 'frayed'];
        yield ['own stops,all cords', 'all cords, own stops'];
        yield ['unequal 1.2 cm , bead amber', 'bead amber, unequal 12 mm'];
    }

    #[DataProvider('provideOther')]
    public function testNothingElseIsRead(string $text): void
    {
        try {
            self::fail((string) Tails::parse($text, Unit::Centimetre));
        } catch (TailsUnread|MeasureFailure) {
            $this->addToAssertionCount(1);
        }
    }

    /**
     * @return iterable<array{string}>
     */
    public static function provideOther(): iterable
    {
        foreach (['', 'long', 'bead', 'bead 7', 'unequal', 'unequal 0', 'unequal 2 m', 'frayed,'] as $text) {
            yield [$text];
        }
    }

    /**
     * Frayed tips want 10 mm more than plain ones at both ends of both cores; a bead its length and a knot of its own
     * that holds it, where each core has its stop; of two unequal tails both are cut for the longer.
     */
    public function testWhatTailsTake(): void
    {
        $plain = self::core(self::plan(null));

        self::assertEqualsWithDelta(20, self::core(self::plan('frayed')) - $plain, 1e-6);
        $own = self::core(self::plan('own stops'));
        $knot = self::plan(null)->draft->book()->in(new Overhand(), self::plan(null)->draft->piece->cord('core')->cord);
        self::assertEqualsWithDelta(
            10 + 2 * $knot->use->millimetres,
            self::core(self::plan('bead dot, own stops')) - $own,
            1e-6,
        );
        self::assertEqualsWithDelta(24, self::core(self::plan('unequal 12 mm, own stops')) - $own, 1e-6);
        $together = self::plan(null)->draft->book();
        $cord = self::plan(null)->draft->piece->cord('core')->cord;
        [$one, $both] = [$together->in(new Overhand(), $cord), $together->in(new Overhand(), $cord, 2)];
        self::assertEqualsWithDelta(
            2 * ($one->use->millimetres - $both->use->millimetres),
            self::core(self::plan('own stops')) - $plain,
            1e-6,
            'each cord has a knot of its own',
        );
    }

    public function testBeadsAtTheTipsAreCountedAndDrawn(): void
    {
        $plan = self::plan('bead dot');

        self::assertSame(['dot' => 4], $plan->beads);
        self::assertCount(4, (new Layout($plan))->flat()->beads);
        self::assertNotNull(Examples::check(self::plan('bead dot', ['beads.dot.stock' => 3]), 'beads-run-out'));
        try {
            self::fail((string) self::plan('bead nobody')->draft->body());
        } catch (PieceUnreadable $unreadable) {
            self::assertSame('closure.tails', $unreadable->faults[0]->path);
        }
    }

    /**
     * Loose working cords run on through the slider: it lies on four cords from either side, and each of them has its
     * tail and its stop.
     */
    public function testWorkingCordsRunOnAsTails(): void
    {
        $plain = self::plan(null, ['cords.working.run' => 'apart']);
        $all = self::plan('all cords, own stops', ['cords.working.run' => 'apart']);
        $working = self::cut($all, 'working');

        self::assertSame(4, $all->draft->construction->ends($all->draft->piece)->count);
        self::assertTrue(
            self::cut($plain, 'slider')->part('knots')->isShorterThan(self::cut($all, 'slider')->part('knots')),
        );
        $anchor = $plain->draft->book()->in(new Overhand(), $working->cord, 2)->use->millimetres;
        self::assertEqualsWithDelta(
            $anchor,
            self::cut($plain, 'working')->part('closure')->millimetres,
            1e-6,
            'bound on',
        );
        self::assertEqualsWithDelta(
            self::cut($all, 'core')->part('closure')->millimetres,
            $working->part('closure')->millimetres - $anchor,
            1e-6,
        );
    }

    /**
     * A single sliding barrel that is one of the evenly spaced knots sits as far from the body as they from each other.
     */
    public function testASlidingKnotEvenlySpaced(): void
    {
        $plan = Examples::planOf('spaced-knots', [
            'wearer' => ['girth' => '16 cm', 'hand' => '20 cm'],
            'closure' => ['kind' => 'single-barrel', 'spaced' => true],
        ]);
        $gap = null;
        foreach ($plan->draft->setting->elements as $element) {
            $gap ??= ElementKind::Bare === $element->kind ? $element->extent->length : null;
        }

        self::assertEqualsWithDelta($gap?->millimetres, $plan->draft->piece->closure->reach->short?->millimetres, 0.05);
        self::assertEqualsWithDelta(
            $gap?->millimetres,
            $plan->draft->fastened->span->narrow->minus(
                $plan->draft->fastened->span->length ?? $plan->draft->body(),
            )->millimetres,
            0.05,
        );
        self::assertNotContains(
            'band-too-long',
            array_map(static fn (Check $check): string => $check->code, $plan->checks),
        );
        $said = Examples::planOf('spaced-knots', ['closure' => ['kind' => 'single-barrel', 'short' => '25 mm']]);
        self::assertEqualsWithDelta(
            25,
            $said->draft->fastened->span->narrow->minus(
                $said->draft->fastened->span->length ?? $said->draft->body(),
            )->millimetres,
            1e-9,
        );
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function plan(?string $tails, array $changes = []): Plan
    {
        return Examples::plan($changes + [
            'beads' => ['dot' => ['shape' => 'round', 'diameter' => '5 mm', 'hole' => '1.6 mm']],
            'closure' => [
                'kind' => 'square-slider', 'knots' => 4, 'tail' => '90 mm',
            ] + (null === $tails ? [] : ['tails' => $tails]),
        ]);
    }

    /**
     * Returns what one core is needed, without its margin, in mm.
     */
    private static function core(Plan $plan): float
    {
        $cut = self::cut($plan, 'core');

        return $cut->needed()->minus($cut->part('margin'))->millimetres;
    }

    private static function cut(Plan $plan, string $role): Cut
    {
        foreach ($plan->cuts as $cut) {
            if ($role === $cut->role) {
                return $cut;
            }
        }
        self::fail('No '.$role.' is cut.');
    }
}
