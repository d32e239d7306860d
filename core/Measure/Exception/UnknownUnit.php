<?php

declare(strict_types=1);

namespace Rinkel\Core\Measure\Exception;

use Rinkel\Core\Measure\MeasureFailure;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Quoted;
use Rinkel\Core\Refusal;

/**
 * A number followed by a word that is no unit of length.
 *
 * @internal
 */
final class UnknownUnit extends Refusal implements MeasureFailure
{
    public static function read(string $unit, string $text, Unit $bare): self
    {
        return new self(new Message('unit-unknown', [
            'unit' => new Quoted($unit), 'typed' => new Quoted($text), 'bare' => $bare->value,
        ]));
    }
}
