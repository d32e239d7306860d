<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Picture;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Internal\Body;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Tests\Core\Examples;

final class TurnPictureTest extends TestCase
{
    public function testTurnsLieSideBySide(): void
    {
        $scene = Body::of(Examples::planOf('strand-bundle')->draft)->scene();
        $turns = array_values(
            array_filter(
                $scene->placed,
                static fn (Placed $placed): bool => 'end' === $placed->role && $placed->pose->x >= 0.0,
            ),
        );
        $thick = Examples::planOf('strand-bundle')->draft->piece->cord('end')->cord->round()->millimetres;

        self::assertEqualsWithDelta($thick, $turns[1]->pose->x - $turns[0]->pose->x, 1e-6);
    }
}
