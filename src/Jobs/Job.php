<?php

declare(strict_types=1);

namespace Rinkel\App\Jobs;

use Rinkel\App\Platform\LooseData;

/**
 * Something long that is done beside the pages, and how far it is.
 */
final readonly class Job
{
    /**
     * @param int          $begun  when it was asked for, in seconds since 1970
     * @param array<mixed> $result what came of it
     */
    public function __construct(
        public string $uid,
        public Errand $errand,
        public int $begun,
        public JobState $state = JobState::Waiting,
        public int $done = 0,
        public int $total = 0,
        public array $result = [],
    ) {}

    /**
     * @param array<mixed> $result
     */
    public function in(JobState $state, array $result = []): self
    {
        return new self($this->uid, $this->errand, $this->begun, $state, $this->done, $this->total, $result);
    }

    public function at(int $done, int $total): self
    {
        return new self($this->uid, $this->errand, $this->begun, JobState::Running, $done, $total);
    }

    public function json(): string
    {
        return json_encode(get_object_vars($this), \JSON_THROW_ON_ERROR);
    }

    public static function read(string $json): ?self
    {
        $document = json_decode($json, true);
        if (!\is_array($document)) {
            return null;
        }
        $said = LooseData::of($document);
        $errand = $said->within('errand');

        return new self(
            $said->raw('uid'),
            new Errand($errand->raw('kind'), $errand->array('asked'), $errand->raw('member')),
            $said->whole('begun'),
            JobState::tryFrom($said->raw('state')) ?? JobState::Failed,
            $said->whole('done'),
            $said->whole('total'),
            $said->array('result'),
        );
    }
}
