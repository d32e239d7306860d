<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Symfony\Component\HttpFoundation\Request;

/**
 * Parts of a page that are sent only when they are not as the page has them: it says by name and a hash of the content
 * what it has.
 */
final readonly class Parts
{
    public const HEADER = 'X-Rinkel-Has';

    /**
     * @param array<string, string> $there hashes by name
     */
    private function __construct(private array $there) {}

    public static function missing(Request $request): self
    {
        preg_match_all('/([a-z-]{1,40})=([0-9a-f]{16})(?= |$)/', (string) $request->headers->get(self::HEADER), $all, \PREG_SET_ORDER);

        return new self(array_column($all, 2, 1));
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
