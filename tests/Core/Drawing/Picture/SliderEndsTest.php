<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Picture;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Tests\Core\Examples;

final class SliderEndsTest extends TestCase
{
    public function testTheSliderLiesBetweenBothEndsWhenItIsShut(): void
    {
        $plan = Examples::planOf('square-knot-band', ['closure.kind' => 'square-slider']);
        $span = $plan->draft->fastened->span;
        $roles = static fn (?Scene $scene): array => array_map(
            static fn (Placed $placed): string => $placed->role,
            $scene->placed ?? [],
        );

        self::assertContains('slider', $roles(self::layout()->sliding($span->narrow->millimetres)));
        self::assertContains('slider', $roles(self::layout()->sliding($span->wide->millimetres)));
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function layout(array $changes = []): Layout
    {
        return new Layout(Examples::planOf('square-knot-band', ['closure.kind' => 'square-slider'] + $changes));
    }
}
