<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Material\CordRun;
use Rinkel\Core\Material\CordUse;

/**
 * Which cords a piece of one construction is made of: the names that have a task in it, and whether its maker may add
 * more of their own, such as further pairs or strands.
 *
 * A slider cord is known wherever the piece closes with a slider; it is one of the names here where that can be.
 */
final readonly class CordNames
{
    /**
     * @param non-empty-list<string> $known    names with a task
     * @param list<string>           $counted  those of the known that there can be several of
     * @param bool                   $further  whether any other name is one more cord that the maker added
     * @param bool                   $bundled  whether there can be several of each that they added
     * @param bool                   $folding  whether its maker says which are folded where the piece begins
     * @param string                 $stem     with which the name of one more begins
     * @param list<string>           $optional those of the known that the piece can do without
     */
    private function __construct(
        public array $known,
        private array $counted,
        public bool $further = false,
        private bool $bundled = false,
        public string $stem = 'pair-',
        private bool $folding = false,
        private array $optional = [],
    ) {}

    /**
     * @param non-empty-list<string> $known
     * @param list<string>           $counted
     */
    public static function only(array $known, array $counted = []): self
    {
        return new self($known, $counted);
    }

    /**
     * Returns $known and pairs of working cords, each by a name of its own.
     *
     * @param non-empty-list<string> $known
     * @param list<string>           $counted
     */
    public static function andPairs(array $known, array $counted = []): self
    {
        return new self($known, $counted, true);
    }

    /**
     * Returns $known and strands, by colour, each by a name of its own.
     *
     * @param non-empty-list<string> $known
     * @param list<string>           $counted
     */
    public static function andStrands(array $known, array $counted = []): self
    {
        return new self($known, $counted, true, true, 'strand-');
    }

    /**
     * Returns $known and single strands of other colours, each by a name of its own.
     *
     * @param non-empty-list<string> $known
     */
    public static function andColours(array $known): self
    {
        return new self($known, [], true, false, 'cord-');
    }

    /**
     * Returns $known and ropes of other colours, each by a name of its own.
     *
     * @param non-empty-list<string> $known
     * @param list<string>           $counted
     * @param list<string>           $optional
     */
    public static function andRopes(array $known, array $counted, array $optional): self
    {
        return new self($known, $counted, true, true, 'rope-', optional: $optional);
    }

    /**
     * Returns $known and further laces, each by a name of its own.
     *
     * @param non-empty-list<string> $known
     * @param list<string>           $counted
     */
    public static function andLaces(array $known, array $counted): self
    {
        return new self($known, $counted, true, false, 'lace-');
    }

    /**
     * Returns the same, where each but the slider's may be folded where the piece begins or not.
     */
    public function folding(): self
    {
        return new self(
            $this->known,
            $this->counted,
            $this->further,
            $this->bundled,
            $this->stem,
            true,
            $this->optional,
        );
    }

    /**
     * Returns whether the maker says if $name is folded where the piece begins.
     */
    public function folds(string $name): bool
    {
        return $this->folding && 'slider' !== $name;
    }

    /**
     * Returns whether the maker says if $name, folded where the piece begins, lies under a loop of all cords.
     */
    public function lays(string $name): bool
    {
        return $this->folds($name) && 'core' !== $name;
    }

    /**
     * Returns whether the maker says how several of $name lie side by side.
     */
    public function isLaid(string $name): bool
    {
        return 'core' === $name && $this->isCounted($name);
    }

    /**
     * Returns what a cord says that is not asked of it: "count", "run", "lay".
     *
     * @return list<string>
     */
    public function unasked(string $name, CordUse $use): array
    {
        return array_keys(array_filter([
            'count' => !$this->isCounted($name) && CordUse::usualCount($name) !== $use->count,
            'run' => null !== $use->run
                && (!$this->folds($name) || CordRun::Under === $use->run && !$this->lays($name)),
            'lay' => null !== $use->lay && !$this->isLaid($name),
        ]));
    }

    public function has(string $name): bool
    {
        return $this->further || \in_array($name, $this->known, true);
    }

    /**
     * Returns whether $name is one of the cords that the maker added.
     */
    public function isFurther(string $name): bool
    {
        return $this->further && !\in_array($name, $this->known, true);
    }

    /**
     * Returns whether the maker says how many of these there are.
     */
    public function isCounted(string $name): bool
    {
        return $this->isFurther($name) ? $this->bundled : \in_array($name, $this->counted, true);
    }

    /**
     * Returns whether the piece can do without $name.
     */
    public function canGo(string $name): bool
    {
        return 'slider' === $name || \in_array($name, $this->optional, true) || $this->isFurther($name);
    }
}
