<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Material\Finding;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Step;
use Rinkel\Core\Work\Closing;

/**
 * A closure worked out for a body of known length: the gap it leaves between the body's ends, and what it takes.
 */
final readonly class Fastened
{
    /** @var list<Finding> what it is made of, in order */
    public array $findings;

    /**
     * @param Closing     $closing how it is made
     * @param list<Check> $checks
     * @param list<Step>  $steps
     */
    public function __construct(
        public ClosureKind $kind,
        public ClosureSpan $span,
        public Closing $closing,
        public Fittings $fittings = new Fittings(),
        public LoopSizes $loops = new LoopSizes(),
        public array $checks = [],
        public array $steps = [],
    ) {
        $this->findings = array_column($fittings->named, 1);
    }

    /**
     * Returns all that goes on at its two ends, usual parts with it where its maker named none, each with its name.
     *
     * @return list<array{string, Finding}>
     */
    public function parts(): array
    {
        return null === $this->fittings->sides ? $this->fittings->named : [
            ...$this->fittings->sides->left,
            ...$this->fittings->sides->right,
        ];
    }
}
