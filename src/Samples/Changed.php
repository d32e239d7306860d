<?php

declare(strict_types=1);

namespace Rinkel\App\Samples;

use Rinkel\Core\Plan\Plan;

/**
 * What a sample changes of one piece: how it was planned without it, and how it is planned with it.
 */
final readonly class Changed
{
    public function __construct(
        public int $id,
        public Plan $before,
        public Plan $after,
    ) {}

    /**
     * @return array<string, array{\Rinkel\Core\Measure\Length, \Rinkel\Core\Measure\Length}> cuts that differ, by role
     */
    public function cuts(): array
    {
        $cuts = [];
        foreach ($this->after->cuts as $i => $cut) {
            $was = $this->before->cuts[$i] ?? null;
            if (null !== $was && !$was->length->equals($cut->length)) {
                $cuts[$cut->role] = [$was->length, $cut->length];
            }
        }

        return $cuts;
    }
}
