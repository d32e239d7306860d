<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Piece;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Risk;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Piece\Workmanship;
use Rinkel\Tests\Core\Examples;

final class WorkmanshipTest extends TestCase
{
    #[DataProvider('risks')]
    public function testARiskHasItsRange(int $risk): void
    {
        $this->expectException(\DomainException::class);
        new Workmanship(risk: $risk);
    }

    /**
     * @return iterable<array{int}>
     */
    public static function risks(): iterable
    {
        yield [-1];
        yield [Risk::LEAST - 1];
        yield [Risk::MOST + 1];
    }

    public function testAnotherMakersTensionBringsNoSamples(): void
    {
        $own = new Workmanship(samples: ['square' => Examples::plan(
            ['samples' => ['square' => ['pitch' => '3 mm', 'use' => '20 mm']]],
        )->draft->piece->samples['square']], risk: Risk::MOST);
        $other = $own->withTension(Tension::Firm);

        self::assertSame([], $other->samples);
        self::assertSame(Tension::Firm, $other->tension);
        self::assertSame(Risk::MOST, $other->risk);
    }
}
