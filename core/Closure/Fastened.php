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
     * @param Length                       $narrow     smallest gap between the body's ends
     * @param Length                       $wide       widest gap; equal to the smallest where nothing moves
     * @param Closing                      $closing    how it is made
     * @param Length|null                  $tail       one tail, where there are such
     * @param list<Length>                 $sizes      gaps of a closure with several fixed sizes, smallest first
     * @param list<Check>                  $checks
     * @param list<Step>                   $steps
     * @param list<array{string, Finding}> $named      what it is made of, in order, each with its name
     * @param array<string, int>           $beads      at the tips of its tails, by short name
     * @param int                          $loopHeads  lark's heads that make one loop, nought of a bare one
     * @param EndFindings|null             $sides      at which end each of its findings goes
     * @param Length|null                  $startLoop  inside, lying flat, of the loop where it begins; of several, each
     * @param Length|null                  $finishLoop the same where it ends
     */
    public function __construct(
        public ClosureKind $kind,
        public Length $narrow,
        public Length $wide,
        public Closing $closing,
        public ?Length $tail = null,
        public ?Length $length = null,
        public array $sizes = [],
        public array $checks = [],
        public array $steps = [],
        public array $named = [],
        public array $beads = [],
        public int $loopHeads = 0,
        public ?EndFindings $sides = null,
        public ?Length $startLoop = null,
        public ?Length $finishLoop = null,
    ) {
        $this->findings = array_column($named, 1);
    }

    /**
     * Returns all that goes on at its two ends, usual parts with it where its maker named none, each with its name.
     *
     * @return list<array{string, Finding}>
     */
    public function parts(): array
    {
        return null === $this->sides ? $this->named : [...$this->sides->left, ...$this->sides->right];
    }
}
