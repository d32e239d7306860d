<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Way;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\Way\Repeats;
use Rinkel\Core\Line\Element;
use Rinkel\Tests\Core\Examples;

final class RepeatsTest extends TestCase
{
    public function testTheKnotsThatAreRepeatedToALengthAreOpen(): void
    {
        $draft = Examples::plan(['pattern' => '4 square, 1 half left x fit, 4 square'])->draft;
        $repeats = new Repeats($draft->line);
        $open = array_filter($draft->setting->elements, $repeats->isOpen(...));

        self::assertSame(['half left'], array_values(array_unique(array_map(
            static fn (Element $element): string => $element->word(),
            $open,
        ))));
    }
}
