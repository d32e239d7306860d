<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Way;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

final class TipsTest extends TestCase
{
    public function testATipIsMadeStiffForAHoleThatIsTight(): void
    {
        self::assertContains('tip-singe', Sheets::keys(Examples::planOf('bundled-wrap'), Part::Cords));
        self::assertSame([], array_filter(
            Sheets::keys(Examples::plan(), Part::Cords),
            static fn (string $key): bool => str_starts_with($key, 'tip'),
        ), 'no bead, no tip');
    }
}
