<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Material;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Material\Glue;
use Rinkel\Core\Material\Strain;
use Rinkel\Core\Measure\Wait;

final class GlueTest extends TestCase
{
    public function testItBearsWhatItBears(): void
    {
        $glue = new Glue(Wait::parse('60 min'), true, [Strain::cases()[0]]);

        self::assertTrue($glue->bears(Strain::cases()[0]));
        self::assertFalse($glue->bears(Strain::cases()[1]));
        self::assertSame('glue 60 instant '.Strain::cases()[0]->value, $glue->materialKey());
        self::assertNotSame(
            $glue->materialKey(),
            (new Glue(Wait::parse('60 min'), false, $glue->bears))->materialKey(),
        );
    }
}
