<?php

declare(strict_types=1);

namespace Rinkel\Core\Measure\Exception;

use Rinkel\Core\Measure\MeasureFailure;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Quoted;
use Rinkel\Core\Refusal;

/**
 * A typed length below zero.
 *
 * @internal
 */
final class NegativeLength extends Refusal implements MeasureFailure
{
    public static function read(string $text, Unit $bare): self
    {
        return new self(new Message('length-negative', ['typed' => new Quoted($text), 'bare' => $bare->value]));
    }
}
