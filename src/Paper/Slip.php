<?php

declare(strict_types=1);

namespace Rinkel\App\Paper;

/**
 * What somebody who gets a piece has to know of it, in words.
 */
final readonly class Slip
{
    /**
     * @param string       $size      how wide it is inside, for which wrist, ankle or neck
     * @param list<string> $materials by name where the stock has one
     * @param list<string> $care
     * @param list<string> $cautions
     */
    public function __construct(
        public string $name,
        public string $size,
        public array $materials,
        public array $care,
        public array $cautions,
    ) {}

    /**
     * Returns it as the text of an offer.
     */
    public function listing(): string
    {
        return implode("\n\n", array_filter([
            $this->name,
            $this->size,
            implode("\n", array_map(static fn (string $one): string => '- '.$one, $this->materials)),
            implode(' ', $this->care),
            implode("\n", $this->cautions),
        ], static fn (string $part): bool => '' !== $part));
    }
}
