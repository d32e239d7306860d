<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Symfony\Component\HttpFoundation\Request;

/**
 * Parts of a page that are sent only when they are not as the page has them: it says by name and a hash of the content
 * what it has. First come those in sight; the page asks for the rest when its maker pauses.
 */
final readonly class PageParts
{
    public const HEADER = 'X-Rinkel-Has';
    public const SIGHT = 'X-Rinkel-Sight';

    /**
     * @param array<string, string> $there hashes by name
     * @param bool                  $all   whether those out of sight are sent too
     */
    private function __construct(private array $there, private bool $all) {}

    public static function missing(Request $request): self
    {
        preg_match_all(
            '/([a-z-]{1,40})=([0-9a-f]{16})(?= |$)/',
            (string) $request->headers->get(self::HEADER),
            $all,
            \PREG_SET_ORDER,
        );

        return new self(array_column($all, 2, 1), !$request->headers->has(self::SIGHT));
    }

    /**
     * Returns whether a part of a stage is to be sent now: else it stays as it is, until the rest comes.
     *
     * @param bool $isSlow whether it takes its time to work out, and waits for the rest also where it is in sight
     */
    public function wants(string $stage, PageState $page, bool $isSlow = false): bool
    {
        return $this->all || (!$isSlow && $stage === $page->stage->value);
    }

    /**
     * Returns a part that stays as it is.
     */
    public function later(string $name): string
    {
        return \sprintf('<div id="part-%s" data-same></div>', $name);
    }

    /**
     * Returns a part, or only its name where the page has it as it is.
     */
    public function of(string $name, string $html, string $class = ''): string
    {
        $hash = hash('xxh3', $html);
        $begin = \sprintf('<div id="part-%s"%s', $name, '' === $class ? '' : ' class="'.$class.'"');

        return ($this->there[$name] ?? null) === $hash
            ? $begin.' data-same></div>'
            : \sprintf('%s data-part="%s">%s</div>', $begin, $hash, $html);
    }
}
