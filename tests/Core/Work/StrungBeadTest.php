<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Work;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Work\StrungBead;
use Rinkel\Tests\Core\Examples;

final class StrungBeadTest extends TestCase
{
    public function testItIsABeadOfTheLine(): void
    {
        $element = Examples::plan([
            'beads.dot' => ['shape' => 'round', 'diameter' => '6 mm', 'hole' => '3 mm'],
            'pattern' => '2 square, 1 bead dot on left, 2 square',
        ])->draft->setting->elements[2]->beside[0];
        $bead = StrungBead::by($element, 3);

        self::assertSame(['dot', Lane::Left, null, 3], [$bead->name, $bead->lane, $bead->letter, $bead->strand]);
    }
}
