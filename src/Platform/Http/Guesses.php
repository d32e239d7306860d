<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Http;

use Psr\Cache\CacheItemPoolInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\Cache\PruneableInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * Counts wrong guesses of words and passwords: after some, nobody looks at another for a while. Counted in the
 * database, so that it holds wherever the next one is asked.
 */
final readonly class Guesses
{
    /** So many wrong ones are looked at in so many seconds. */
    public const MOST = 10;
    public const WINDOW = 600;

    public function __construct(
        #[Autowire(service: 'cache.shared')]
        private CacheItemPoolInterface $shared,
        private ClockInterface $clock,
    ) {}

    /**
     * @param string $of   what is guessed
     * @param int    $most wrong ones that are looked at
     */
    public function areSpent(string $of, int $most = self::MOST): bool
    {
        return \count($this->wrong($of)) >= $most;
    }

    public function note(string $of): void
    {
        $item = $this->shared->getItem(self::key($of))->set([...$this->wrong($of), $this->now()]);
        $this->shared->save($item->expiresAfter(self::WINDOW));
    }

    /**
     * Lets go of those that count no more.
     */
    public function forget(): void
    {
        if ($this->shared instanceof PruneableInterface) {
            $this->shared->prune();
        }
    }

    /**
     * @return list<int> when it was guessed wrongly of late, in seconds since 1970
     */
    private function wrong(string $of): array
    {
        $noted = $this->shared->getItem(self::key($of))->get();

        return array_values(array_filter(
            \is_array($noted) ? $noted : [],
            fn (mixed $at): bool => \is_int($at) && $at > $this->now() - self::WINDOW,
        ));
    }

    private function now(): int
    {
        return $this->clock->now()->getTimestamp();
    }

    private static function key(string $of): string
    {
        return 'guessed.'.hash('xxh128', $of);
    }
}
