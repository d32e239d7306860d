<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot\Kind;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\TyingContext;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

abstract class KindCase extends TestCase
{
    protected static function cord(float $thick = 1.0): Cord
    {
        return new Cord(Fibre::Polyester, Length::ofMillimetres($thick), Colour::parse('#112233'));
    }

    protected static function around(int $cores = 2): TyingContext
    {
        return TyingContext::around(new Bundle(Length::ofMillimetres(1), $cores), self::cord());
    }
}
