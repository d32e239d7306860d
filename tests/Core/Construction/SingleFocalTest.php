<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Construction\SingleFocal;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Remark\Severity;
use Rinkel\Tests\Core\Examples;

final class SingleFocalTest extends TestCase
{
    public function testNothingHasToBeDecidedButTheGirth(): void
    {
        $plan = Examples::planOf('single-focal');

        self::assertInstanceOf(SingleFocal::class, $plan->draft->construction);
        self::assertSame(['cord'], array_keys($plan->draft->piece->cords));
        self::assertSame('gap fit, 1 barrel 2, focal stone, 1 barrel 2, gap fit', $plan->draft->piece->pattern->text);
        self::assertNotSame(Severity::Stop, $plan->worst(), 'it can be made as it is');
    }

    public function testItHasItsOwnWaysToClose(): void
    {
        self::assertSame([
            'double-barrel', 'single-barrel', 'square-slider', 'slide-bead', 'clasp', 'button-loop', 'ties',
            'breakaway', 'two-ends', 'for-good',
        ], array_map(
            static fn (ClosureKind $kind): string => $kind->id(),
            Constructions::all()->named('single-focal')?->closures() ?? [],
        ));
    }

    public function testTheStoneLiesInTheMiddle(): void
    {
        $setting = Examples::planOf('single-focal')->draft->setting;
        $at = array_search(ElementKind::Focal, array_map(
            static fn (Element $element): ElementKind => $element->kind,
            $setting->elements,
        ), true);
        self::assertIsInt($at);
        $stone = $setting->elements[$at]->extent->length->millimetres;

        self::assertEqualsWithDelta(
            $setting->length->millimetres / 2,
            $setting->starts()[$at] + $stone / 2,
            1e-6,
        );
    }
}
