<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Node;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Node\Binding;

final class BindingTest extends TestCase
{
    public function testItSaysItsWidth(): void
    {
        $node = new Binding(Length::ofMillimetres(12.7));

        self::assertSame(
            ['binding', 'binding 12.7 mm', 'binding 1/2 in'],
            [$node->word(), (string) $node, $node->said(Unit::Inch)],
        );
    }
}
