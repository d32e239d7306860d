<?php

declare(strict_types=1);

namespace Rinkel\App\Sizes;

use Rinkel\Core\Sizing\Sizes;

/**
 * What was typed to ask for sizes.
 */
final readonly class TypedSizes
{
    /**
     * @param string       $by     one of them
     * @param string       $list   as it was typed, or as it stands for the usual range
     * @param list<string> $people chosen, by id
     */
    public function __construct(
        public string $by,
        public string $list,
        public array $people,
        public bool $isGraded,
        public string $typedCounts,
    ) {}
}
