<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Piece\PieceSpec;

/**
 * A design for several people, each by their own measures.
 *
 * @internal
 */
final readonly class Wearers implements SizeAxis
{
    /**
     * @param array<string, Wearer> $wearers by name
     */
    public function __construct(private array $wearers) {}

    public function sizes(PieceSpec $design): array
    {
        $sizes = [];
        foreach ($this->wearers as $name => $wearer) {
            $sizes[] = new Size(
                (string) $name,
                $wearer->girth,
                $design->withoutLength()->withWearer($wearer)->madeFor((string) $name),
            );
        }

        return $sizes;
    }
}
