<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Rinkel\App\Platform\LooseData;
use Symfony\Component\HttpFoundation\Request;

/**
 * What somebody asks of the Table: words to find, a construction, what is put away, in which order, which page.
 */
final readonly class TableRequest
{
    public const SORTS = ['worked', 'name', 'whom'];

    /** More words than these find nothing that fewer do not. */
    private const MOST_WORDS = 8;

    /**
     * @param list<string> $words in lower case
     * @param int          $page  from 1
     */
    private function __construct(
        public string $text,
        public array $words,
        public string $construction,
        public bool $archive,
        public string $sort,
        public int $page,
        public ?PieceStatus $stands = null,
    ) {}

    public static function by(Request $request): self
    {
        $asked = LooseData::query($request);
        $sent = static fn (string $name): string => $asked->text($name, 100);
        $words = preg_split('/[\s,]+/u', mb_strtolower($sent('q')), flags: \PREG_SPLIT_NO_EMPTY) ?: [];

        return new self(
            $sent('q'),
            \array_slice($words, 0, self::MOST_WORDS),
            1 === preg_match('/^[a-z-]{1,40}$/D', $sent('kind')) ? $sent('kind') : '',
            '1' === $sent('archive'),
            \in_array($sent('sort'), self::SORTS, true) ? $sent('sort') : self::SORTS[0],
            max(1, min(100_000, (int) $sent('page'))),
            PieceStatus::tryFrom($sent('stands')),
        );
    }

    /**
     * Returns what the address says of it; what is usual is left out.
     *
     * @return array<string, string|int>
     */
    public function query(int $page = 1): array
    {
        return array_filter([
            'q' => $this->text,
            'kind' => $this->construction,
            'stands' => $this->stands->value ?? '',
            'archive' => $this->archive ? 1 : '',
            'sort' => self::SORTS[0] === $this->sort ? '' : $this->sort,
            'page' => 1 === $page ? '' : $page,
        ], static fn (string|int $value): bool => '' !== $value);
    }

    /**
     * Returns it of pieces however they stand.
     */
    public function anyhow(): self
    {
        return new self($this->text, $this->words, $this->construction, false, $this->sort, 1);
    }

    /**
     * Returns whether only some of the pieces are asked for.
     */
    public function isNarrow(): bool
    {
        return [] !== $this->words || '' !== $this->construction || null !== $this->stands;
    }
}
