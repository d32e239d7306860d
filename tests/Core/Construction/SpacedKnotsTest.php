<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Construction\SpacedKnots;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Remark\Severity;
use Rinkel\Tests\Core\Examples;

final class SpacedKnotsTest extends TestCase
{
    public function testNothingHasToBeDecidedButTheGirth(): void
    {
        $plan = Examples::planOf('spaced-knots');

        self::assertInstanceOf(SpacedKnots::class, $plan->draft->construction);
        self::assertSame(['cord'], array_keys($plan->draft->piece->cords));
        self::assertSame('(1 barrel 3, gap fit) x 6, 1 barrel 3', $plan->draft->piece->pattern->text);
        self::assertNotSame(Severity::Stop, $plan->worst(), 'it can be made as it is');
    }

    public function testItHasItsOwnWaysToClose(): void
    {
        self::assertSame([
            'double-barrel', 'single-barrel', 'square-slider', 'slide-bead', 'clasp', 'button-loop', 'ties',
            'breakaway', 'two-ends', 'for-good',
        ], array_map(
            static fn (ClosureKind $kind): string => $kind->id(),
            Constructions::all()->named('spaced-knots')?->closures() ?? [],
        ));
    }

    public function testGapsTakeUpWhatTheLengthLeaves(): void
    {
        $gaps = array_values(array_filter(
            Examples::planOf('spaced-knots')->draft->setting->elements,
            static fn (Element $element): bool => ElementKind::Bare === $element->kind,
        ));

        self::assertCount(6, $gaps);
        foreach ($gaps as $gap) {
            self::assertEqualsWithDelta($gaps[0]->extent->length->millimetres, $gap->extent->length->millimetres, 1e-9);
        }
    }
}
