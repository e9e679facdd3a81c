@if ($plan->torques() !== [])
    <table class="ledger">
        <caption>Torques by the hitch's sheet</caption>
        @foreach ($plan->torques() as $label => $torque)
            <tr><th scope="row">{{ $label }}</th><td>{{ $torque }}</td></tr>
        @endforeach
    </table>
@endif
