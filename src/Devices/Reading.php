<?php

declare(strict_types=1);

namespace Rinkel\App\Devices;

/**
 * What an instrument said, in a line of its own: "calliper 1.05 mm", "tape 15.3 cm", "scale 12.4 g", "foot"
 * (docs/devices.md).
 */
final readonly class Reading
{
    private function __construct(
        public string $device,
        public string $value,
        public string $unit,
    ) {}

    /**
     * Returns the reading, null for a line that is none.
     */
    public static function of(string $line): ?self
    {
        $line = trim($line);
        if ('foot' === $line) {
            return new self('foot', '', '');
        }
        if (1 !== preg_match('/^(calliper|tape|scale)\s+(\d{1,6}(?:[.,]\d{1,3})?)\s*(mm|cm|in|g)$/D', $line, $match)) {
            return null;
        }
        $isWeight = 'g' === $match[3];

        return $isWeight === ('scale' === $match[1])
            ? new self($match[1], str_replace(',', '.', $match[2]), $match[3])
            : null;
    }

    public function text(): string
    {
        return trim($this->value.' '.$this->unit);
    }
}
