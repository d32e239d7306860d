<?php

declare(strict_types=1);

namespace Rinkel\App\Samples;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Kept\Kept;
use Rinkel\App\Kept\Row;
use Rinkel\App\Kept\Rows;
use Rinkel\Core\Piece\SampleReader;

/**
 * Samples of a maker's own knots (docs/samples.schema.json).
 */
final readonly class KeptSamples implements Kept
{
    public function __construct(
        private EntityManagerInterface $manager,
        private SampleReader $reader,
        private Samples $samples,
        private Rows $rows,
    ) {}

    public function word(): string
    {
        return 'sample';
    }

    public function folder(): string
    {
        return 'samples';
    }

    public function page(): string
    {
        return 'samples';
    }

    public function rank(): int
    {
        return 40;
    }

    public function stores(): array
    {
        return [StoredSample::class];
    }

    public function uids(): iterable
    {
        return $this->rows->uids('sample');
    }

    public function find(string $uid): ?StoredSample
    {
        return $this->manager->getRepository(StoredSample::class)->findOneBy(['uid' => $uid]);
    }

    public function row(object $stored): array
    {
        \assert($stored instanceof StoredSample);

        return ['uid' => $stored->uid(), 'taken' => $stored->takenAt()->format(\DATE_ATOM)]
            + ($stored->isAside() ? ['aside' => true] : []) + Rows::member($stored->madeBy())
            + Rows::rest($stored->document());
    }

    public function check(object $stored): void
    {
        \assert($stored instanceof StoredSample);
        $this->reader->read($stored->document());
    }

    public function read(array $row): Row
    {
        [$uid, $taken] = [Rows::uid($row), Rows::time($row, 'taken')];
        $document = Rows::rest($row, 'taken', 'aside', 'madeBy');
        $sample = $this->reader->read($document);
        $isAside = true === ($row['aside'] ?? false);

        return new Row($uid, self::called($sample->work->word(), $document), [
            'uid' => $uid,
            'taken' => $taken->format(\DATE_ATOM),
        ]
            + ($isAside ? ['aside' => true] : []) + Rows::member(Rows::madeBy($row)) + $document);
    }

    /**
     * @param array<mixed> $document
     */
    private static function called(string $work, array $document): string
    {
        $texts = array_filter([$document['length'] ?? '', $document['note'] ?? ''], is_string(...));
        $count = $document['count'] ?? null;

        return implode(', ', array_filter(
            [(\is_int($count) ? $count.' × ' : '').$work, ...$texts],
            static fn (string $text): bool => '' !== $text,
        ));
    }

    public function bring(Row $row, bool $isNew = false): void
    {
        $taken = Rows::time($row->data, 'taken');
        $document = Rows::rest($row->data, 'taken', 'aside', 'madeBy');
        $stored = ($isNew ? null : $this->find($row->uid)) ?? new StoredSample($document, $taken, $row->uid);
        $stored->become($document, $taken, true === ($row->data['aside'] ?? false), Rows::madeBy($row->data));
        $this->manager->persist($stored);
        $this->samples->forget();
    }

    public function remove(object $stored): void
    {
        $this->manager->remove($stored);
        $this->manager->flush();
        $this->samples->changed();
    }
}
