<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Work;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\Landmark;

final class LandmarkTest extends TestCase
{
    public function testTheSamePlaceIsTheSameLandmark(): void
    {
        self::assertSame(Landmark::of('edge-of', 'moon', 'start'), Landmark::of('edge-of', 'moon', 'start'));
        self::assertSame('edge-of moon start', (string) Landmark::of('edge-of', 'moon', 'start'));
        self::assertSame('net-row 3', Landmark::of('net-row', null, 3)->id);
        self::assertNotSame(Landmark::of('mark'), Landmark::of('pen-mark'));
    }
}
