<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Hand\Work;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Hand\Work\KnotWork;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TyingContext;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class KnotWorkTest extends TestCase
{
    public function testASampleIsReadAgainstTheModel(): void
    {
        $work = new KnotWork(
            new Square(),
            null,
            new Cord(Fibre::Polyester, Length::ofMillimetres(1), Colour::parse('#112233')),
            new Bundle(Length::ofMillimetres(1), 2),
        );
        $reading = $work->reading(20, Length::ofMillimetres(80), Length::ofMillimetres(400));
        $model = (new Square())->tied(
            TyingContext::around(new Bundle(Length::ofMillimetres(1), 2), $work->cord()),
            Tension::Even,
        );

        self::assertSame('square', $work->word());
        self::assertEqualsWithDelta(20 * $model->pitch->millimetres, $reading->modelLength->millimetres, 1e-9);
        self::assertTrue($work->least(20, Length::ofMillimetres(80))->isLongerThan(Length::ofMillimetres(80)));
    }
}
