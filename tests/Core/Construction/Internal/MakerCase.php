<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Line\Element;

abstract class MakerCase extends TestCase
{
    protected static function straight(Element $element, string $lane): float
    {
        return ($element->takes[$lane] ?? null)?->straight->millimetres ?? 0.0;
    }
}
