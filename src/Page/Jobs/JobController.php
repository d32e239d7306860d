<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Jobs;

use Rinkel\App\Jobs\Job;
use Rinkel\App\Jobs\Jobs;
use Rinkel\App\Jobs\JobState;
use Rinkel\App\Platform\Http\ChangesNothing;
use Rinkel\App\Platform\LooseData;
use Rinkel\Core\Message;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * How far something long is, and what came of it.
 */
#[Route('/jobs/{uid}', requirements: ['uid' => Jobs::UID])]
final class JobController extends AbstractController
{
    public function __construct(private readonly Jobs $jobs) {}

    #[Route('', 'job', methods: 'GET')]
    public function show(string $uid, Request $request): Response
    {
        $job = $this->jobs->look($this->job($uid));
        [$to, $with] = [$job->result['to'] ?? null, $job->result['with'] ?? []];
        $isPart = $request->headers->has('HX-Request');
        if (JobState::Done === $job->state && \is_string($to) && \is_array($with)) {
            $url = $this->generateUrl($to, $with);

            return $isPart
                ? new Response(headers: ['HX-Redirect' => $url])
                : $this->redirect($url, Response::HTTP_SEE_OTHER);
        }

        return $this->render(
            $isPart ? 'jobs/_job.html.twig' : 'jobs/job.html.twig',
            ['job' => $job, 'file' => $this->jobs->file($job), 'wrong' => self::wrong($job)],
            new Response(headers: ['Cache-Control' => 'no-store']),
        );
    }

    #[Route('/cancel', 'job_cancel', methods: 'POST')]
    #[ChangesNothing]
    public function cancel(string $uid): Response
    {
        $this->jobs->cancel($this->job($uid));

        return $this->redirectToRoute('job', ['uid' => $uid], Response::HTTP_SEE_OTHER);
    }

    #[Route('/file', 'job_file', methods: 'GET')]
    public function download(string $uid): Response
    {
        [$path, $name] = $this->jobs->file($this->job($uid)) ?? throw $this->createNotFoundException();

        return (new BinaryFileResponse(
            $path,
            headers: ['Content-Type' => str_ends_with($name, '.zip') ? 'application/zip' : 'application/octet-stream'],
            public: false,
        ))->setContentDisposition('attachment', $name);
    }

    /**
     * Returns what a job that failed says of it.
     */
    private static function wrong(Job $job): ?Message
    {
        $result = LooseData::of($job->result);

        return '' === $result->raw('says') ? null : new Message($result->raw('says'), $result->texts('of'));
    }

    private function job(string $uid): Job
    {
        return $this->jobs->find($uid) ?? throw $this->createNotFoundException();
    }
}
