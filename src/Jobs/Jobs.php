<?php

declare(strict_types=1);

namespace Rinkel\App\Jobs;

use Psr\Clock\ClockInterface;
use Psr\Log\LoggerInterface;
use Random\Randomizer;
use Rinkel\App\Workshop\Workshop;
use Rinkel\Core\Refusal;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;
use Symfony\Component\Messenger\MessageBusInterface;

/**
 * Long work, done beside the pages by a worker. How far each job is stands in a file of its own folder, beside the
 * database and its locks: what writes for minutes lets everybody see that it does.
 */
final readonly class Jobs
{
    public const UID = '[0-9a-f]{32}';

    /** Seconds after which a page does a job itself that no worker took. */
    private const PATIENCE = 3;

    /** Seconds after which a job and its file go. */
    private const KEPT = 86_400;

    /**
     * @param iterable<LongWork> $works
     */
    public function __construct(
        private MessageBusInterface $bus,
        private ClockInterface $clock,
        private Randomizer $random,
        private Workshop $workshop,
        private LoggerInterface $logger,
        #[AutowireIterator(LongWork::class)]
        private iterable $works,
        #[Autowire('%kernel.project_dir%/var/jobs/%kernel.environment%')]
        private string $folder,
    ) {}

    /**
     * Asks for a job; the caller is in no transaction.
     *
     * @param array<mixed> $asked
     *
     * @return string its uid
     */
    public function begin(string $kind, array $asked = []): string
    {
        $this->sweep();
        $uid = bin2hex($this->random->getBytes(16));
        mkdir($this->folder.'/'.$uid, 0o700, true);
        $this->write(new Job($uid, new Errand($kind, $asked, $this->workshop->myUid()), $this->now()));
        $this->bus->dispatch(new DoJob($uid));

        return $uid;
    }

    /**
     * Returns a job of whoever asks.
     */
    public function find(string $uid): ?Job
    {
        $job = $this->read($uid);

        return null === $job || $job->errand->member !== $this->workshop->myUid() ? null : $job;
    }

    /**
     * Returns how a job is; one that no worker took is done here and now.
     */
    public function look(Job $job): Job
    {
        if (JobState::Waiting === $job->state && $job->begun < $this->now() - self::PATIENCE) {
            $this->do($job->uid);

            return $this->read($job->uid) ?? $job;
        }

        return $job;
    }

    public function cancel(Job $job): void
    {
        if (!$job->state->isOver()) {
            touch($this->path($job->uid, 'cancelled'));
            if ($this->claim($job->uid)) {
                $this->write($job->in(JobState::Cancelled)); // nobody had begun
            }
        }
    }

    /**
     * Returns the file that came of a job, and what it is called; null where there is none.
     *
     * @return array{string, string}|null
     */
    public function file(Job $job): ?array
    {
        [$file, $name] = [$job->result['file'] ?? null, $job->result['name'] ?? null];
        $path = \is_string($file) ? $this->path($job->uid, basename($file)) : '';

        return \is_string($name) && is_file($path) ? [$path, $name] : null;
    }

    /**
     * Does a job, unless somebody else does it.
     */
    public function do(string $uid): void
    {
        $job = $this->read($uid);
        if (null === $job || $job->state->isOver() || !$this->claim($uid)) {
            return;
        }
        set_time_limit(0); // where no worker is, a page does it
        try {
            $this->write($job->in(JobState::Running));
            $result = $this->work($job->errand->kind)->do($job->errand->asked, $this->folder.'/'.$uid, new JobProgress(
                function (int $done, int $total) use ($job): void {
                    $this->write($job->at($done, $total));
                },
                fn (): bool => file_exists($this->path($uid, 'cancelled')),
            ));
            $this->write($job->in(JobState::Done, $result));
        } catch (JobCancelled) {
            $this->write($job->in(JobState::Cancelled));
        } catch (Refusal $refusal) {
            $said = $refusal->said();
            $this->write($job->in(JobState::Failed, ['says' => $said->key, 'of' => array_map(
                static fn (mixed $value): string => \is_array($value) ? implode(', ', $value) : (string) $value,
                $said->values,
            )]));
        } catch (\Throwable $failure) {
            $this->logger->error('A job failed.', ['exception' => $failure]);
            $this->write($job->in(JobState::Failed));
        }
    }

    /**
     * Returns for how many seconds the job that waits longest has waited; 0 where none does.
     */
    public function waits(): int
    {
        $longest = 0;
        foreach (glob($this->folder.'/*/job.json') ?: [] as $file) {
            $job = Job::read((string) @file_get_contents($file));
            $longest = JobState::Waiting === $job?->state ? max($longest, $this->now() - $job->begun) : $longest;
        }

        return $longest;
    }

    private function work(string $kind): LongWork
    {
        foreach ($this->works as $work) {
            if ($kind === $work->word()) {
                return $work;
            }
        }
        throw new \LogicException('Nobody does '.$kind.'.');
    }

    /**
     * Returns whether the job is ours to do: the first who asks has it.
     */
    private function claim(string $uid): bool
    {
        return @mkdir($this->path($uid, 'claimed'));
    }

    private function read(string $uid): ?Job
    {
        return 1 === preg_match('/^'.self::UID.'$/D', $uid)
            ? Job::read((string) @file_get_contents($this->path($uid, 'job.json')))
            : null;
    }

    /**
     * Writes it whole: whoever looks meanwhile sees what was before.
     */
    private function write(Job $job): void
    {
        $file = $this->path($job->uid, 'job.json');
        file_put_contents($file.'.new', $job->json());
        rename($file.'.new', $file);
    }

    private function path(string $uid, string $name): string
    {
        return $this->folder.'/'.$uid.'/'.$name;
    }

    private function sweep(): void
    {
        foreach (glob($this->folder.'/*', \GLOB_ONLYDIR) ?: [] as $old) {
            if ((int) @filemtime($old) < $this->now() - self::KEPT) {
                @rmdir($old.'/claimed');
                array_map(unlink(...), glob($old.'/*') ?: []);
                @rmdir($old);
            }
        }
    }

    private function now(): int
    {
        return $this->clock->now()->getTimestamp();
    }
}
