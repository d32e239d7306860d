<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Kind;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Closing\Elastic;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\KnottedElastic;
use Rinkel\Core\Closure\KnownClosures;
use Rinkel\Tests\Core\Examples;

final class KnottedElasticTest extends TestCase
{
    public function testItSaysWhatItIs(): void
    {
        $kind = new KnottedElastic();

        self::assertSame('elastic', $kind->id());
        self::assertSame([false, false, false], [$kind->slides(), $kind->opensFully(), $kind->passesShut()]);
        self::assertSame(['findings', 'glued', 'plain'], ClosureOption::ofKind($kind));
        self::assertSame([], $kind->made(new ClosureWish($kind)));
        self::assertSame([], $kind->cautions());
        self::assertSame('elastic', KnownClosures::all()->named('elastic')?->id());
    }

    public function testItIsClosedByItsOwnActs(): void
    {
        $fastened = Examples::planOf('stretch', ['closure.kind' => 'elastic'])->draft->fastened;

        self::assertInstanceOf(Elastic::class, $fastened->closing);
        self::assertSame('elastic', $fastened->kind->id());
    }
}
