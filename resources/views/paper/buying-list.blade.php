@extends('paper.sheet')
@section('sheet')
<h1>{{ $title }}</h1>
<p class="muted">For {{ $kit }}: {{ $work }}. {{ $date }}</p>
<p>What it must do counts; the model is an example, and another that does as much is as good.</p>
<table>
<thead><tr><th></th><th>How</th><th>What it must do</th><th>For example</th><th>For lines</th><th class="number">Cost</th></tr></thead>
<tbody>
@foreach ($rows as [$how, $wanted, $example, $count, $cost, $lines])
<tr>
<td><div class="tick"></div></td>
<td>{{ $how }}</td>
<td>{{ $wanted === '' ? 'what another tool on this list needs' : $wanted }}</td>
<td>{{ $count === '1' ? '' : $count . ' × ' }}{{ $example }}</td>
<td class="muted">{{ $lines }}</td>
<td class="number">{{ $cost }}</td>
</tr>
@endforeach
<tr><td colspan="5"><b>All together</b></td><td class="number"><b>{{ $total }}</b></td></tr>
</tbody>
</table>
@endsection
