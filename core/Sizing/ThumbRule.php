<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

/**
 * A rule of thumb of makers beside what is computed, along that on which it depends.
 *
 * @internal
 */
final readonly class ThumbRule
{
    /**
     * @param string                   $id       what it is called in texts
     * @param float                    $said     what is usually said, in the unit of what is computed
     * @param array<int, QuotedNumber> $computed by a count, or by a length in mm
     * @param bool                     $isTimes  times a length; millimetres otherwise
     */
    public function __construct(
        public string $id,
        public float $said,
        public array $computed,
        public bool $isTimes,
    ) {}

    /**
     * Returns where what is said lies within the computed range.
     *
     * @return list<int>
     */
    public function fits(): array
    {
        return array_keys(array_filter(
            $this->computed,
            fn (QuotedNumber $one): bool => $one->least <= $this->said && $this->said <= $one->most,
        ));
    }
}
