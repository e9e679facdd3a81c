@if (count($advice->evidence()) > 0)
    <table class="ledger evidence">
        <caption>Evidence: what each instrument says for itself</caption>
        @foreach ($advice->evidence() as $one)
            <tr><th scope="row">{{ \App\Words\VerdictWords::evidence($one) }}</th><td>{{ \App\Words\VerdictWords::share($one->share) }}</td></tr>
        @endforeach
    </table>
    @foreach ($advice->disagreements() as $sentence)<p class="sentence" data-tone="note">{{ $sentence }}</p>@endforeach
@endif
