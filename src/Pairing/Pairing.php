<?php

declare(strict_types=1);

namespace Rinkel\App\Pairing;

use Psr\Cache\CacheItemPoolInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;

/**
 * Which devices may use Rinkel: this machine always; others once somebody entered the pairing word on them, which is
 * printed where Rinkel was started.
 */
final readonly class Pairing
{
    public const COOKIE = 'rinkel-paired';

    /** Letters and digits of a word, at least: so many are not guessed at the rate that is let through. */
    private const LEAST = 8;

    /** So many wrong words are looked at in so many seconds. */
    private const GUESSES = 10;
    private const WINDOW = 600;

    private const MEMORY = 'rinkel.pairing.';

    /** Names of this machine, as a browser on it says them. */
    private const OWN = ['localhost', '127.0.0.1', '::1', '[::1]'];

    public function __construct(
        #[Autowire('%env(RINKEL_WORD)%')]
        private string $word,
        #[Autowire('%env(HOST)%')]
        private string $host,
        private CacheItemPoolInterface $memory,
        private ClockInterface $clock,
    ) {}

    /**
     * Returns whether Rinkel answers other machines.
     */
    public function isOpen(): bool
    {
        return [] !== array_diff(array_map(trim(...), explode(',', strtolower($this->host))), ['', ...self::OWN]);
    }

    public function hasWord(): bool
    {
        return \strlen(self::plain($this->word)) >= self::LEAST;
    }

    /**
     * Returns whether a request may see anything.
     */
    public function admits(Request $request): bool
    {
        return !$this->isOpen() || self::isThisMachine($request) || (
            $this->hasWord() && hash_equals($this->proof(), (string) $request->cookies->get(self::COOKIE))
        );
    }

    /**
     * Returns whether it was the word; null when too many wrong ones came lately, and nobody looks.
     */
    public function isWord(string $typed): ?bool
    {
        $noted = $this->memory->getItem(self::MEMORY.substr($this->proof(), 0, 16)); // another word, another count
        $now = $this->clock->now()->getTimestamp();
        $wrong = array_filter(
            \is_array($noted->get()) ? $noted->get() : [],
            static fn (mixed $at): bool => \is_int($at) && $at > $now - self::WINDOW,
        );
        if (\count($wrong) >= self::GUESSES) {
            return null;
        }
        $isWord = $this->hasWord() && hash_equals(self::plain($this->word), self::plain($typed));
        if (!$isWord) {
            $this->memory->save($noted->set([...$wrong, $now]));
        }

        return $isWord;
    }

    public function cookie(): Cookie
    {
        return Cookie::create(self::COOKIE, $this->proof(), '+1 year', sameSite: Cookie::SAMESITE_LAX);
    }

    private function proof(): string
    {
        return hash_hmac('sha256', 'rinkel pairing 1', self::plain($this->word));
    }

    /**
     * What a browser on this machine asks comes from it, by one of its own names; through a server in front it
     * does not.
     */
    private static function isThisMachine(Request $request): bool
    {
        $from = $request->server->getString('REMOTE_ADDR');

        return (str_starts_with($from, '127.') || '::1' === $from)
            && \in_array(strtolower($request->getHost()), self::OWN, true)
            && !$request->headers->has('X-Forwarded-For');
    }

    private static function plain(string $word): string
    {
        return preg_replace('/[^a-z0-9]/', '', strtolower($word)) ?? '';
    }
}
