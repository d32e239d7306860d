<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\FormatUpgrades;

/**
 * A piece whose plan cannot be shown: what is known of it, what is wrong, and whether it can be undone.
 */
final readonly class BrokenView
{
    /**
     * @param array{bool, bool}                    $steps  whether there is anything to undo, to do again
     * @param array<string, non-empty-list<Fault>> $faults by path
     * @param array<string, string>                $fields what stands where something is wrong, as far as it is a text
     */
    private function __construct(
        public StoredPiece $stored,
        public PageState $page,
        public array $steps,
        public array $faults,
        public array $fields,
        public string $name,
        public string $formId,
        public int $version,
    ) {}

    /**
     * @param array{bool, bool}                    $steps
     * @param array<string, non-empty-list<Fault>> $faults by path
     */
    public static function of(StoredPiece $stored, PageState $page, array $steps, array $faults, string $formId): self
    {
        $document = FormatUpgrades::upgrade($stored->document());
        $fields = [];
        foreach (array_keys($faults) as $path) {
            $value = $document;
            foreach (explode('.', (string) $path) as $step) {
                $value = \is_array($value) ? $value[$step] ?? null : null;
            }
            if (\is_string($value) || \is_int($value)) {
                $fields[(string) $path] = (string) $value;
            }
        }
        $name = $document['name'] ?? null;

        return new self(
            $stored,
            $page,
            $steps,
            $faults,
            $fields,
            \is_string($name) ? mb_scrub($name) : '',
            $formId,
            $stored->version(),
        );
    }
}
