<?php

declare(strict_types=1);

namespace Rinkel\Core\Remark;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\WrittenLength;

/**
 * One judgement about a piece: a code that names it, how much it matters, the numbers behind it and what settles it.
 */
final readonly class Check
{
    /**
     * @param array<string, Length|WrittenLength|int|float|string|list<string>> $values lists are of cords, by role
     */
    public function __construct(
        public string $code,
        public Severity $severity,
        public array $values = [],
        public ?Remedy $remedy = null,
    ) {}
}
