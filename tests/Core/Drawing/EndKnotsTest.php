<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\EndKnots;
use Rinkel\Core\Drawing\Internal\Body;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Tests\Core\Examples;

final class EndKnotsTest extends TestCase
{
    public function testASliderHasAsManyKnotsAsAreWished(): void
    {
        $draft = Examples::plan(['closure' => ['kind' => 'square-slider', 'knots' => 6]])->draft;
        $knots = (new EndKnots($draft, Body::of($draft)->ends()))->slider(0.0);

        self::assertSame(
            6,
            array_sum(array_map(static fn (Placed $placed): int => $placed->count * $placed->knots, $knots)),
        );
        self::assertEqualsWithDelta($draft->fastened->span->length->millimetres ?? 0.0, $knots[1]->end(), 1e-6);
    }

    public function testStopsAreTiedTogetherOrEach(): void
    {
        $stops = static function (?string $tails): int {
            $draft = Examples::plan(
                ['closure' => ['kind' => 'square-slider'] + (null === $tails ? [] : ['tails' => $tails])],
            )->draft;

            return \count((new EndKnots($draft, Body::of($draft)->ends()))->stops(0.0, 1));
        };

        self::assertSame(1, $stops(null));
        self::assertGreaterThan(1, $stops('own stops'));
    }
}
