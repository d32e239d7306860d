<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Node;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node\Binding;
use Rinkel\Core\Pattern\Node\Net;
use Rinkel\Core\Pattern\Place;

final class LeafTest extends TestCase
{
    public function testMostPartsNameNothingAndAreNoMiddle(): void
    {
        $leaf = new Binding(Length::ofMillimetres(4), new Place(2, 3, 4));

        self::assertSame([[], false, false], [$leaf->names(), $leaf->repeatsBare(), $leaf->isMiddle()]);
        self::assertSame(3, $leaf->place()?->column);
        self::assertSame($leaf, $leaf->renamed(static fn (string $name): string => 'other'));
    }

    public function testANumberBeyondItsBoundsIsRefused(): void
    {
        $this->expectException(\DomainException::class);
        new Net(0, Length::ofMillimetres(12));
    }
}
