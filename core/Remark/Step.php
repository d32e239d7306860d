<?php

declare(strict_types=1);

namespace Rinkel\Core\Remark;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\WrittenLength;
use Rinkel\Core\Message;

/**
 * One step of a derivation: the key of its sentence and the numbers in it.
 *
 * A Length is written in the maker's unit; a WrittenLength has its unit already, as thicknesses have theirs in mm.
 *
 * @internal
 */
final readonly class Step
{
    /**
     * @param array<string, Length|WrittenLength|int|float|string|list<Message>> $values
     */
    public function __construct(
        public string $key,
        public array $values,
    ) {}
}
